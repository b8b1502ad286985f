#pragma once
// How the steps of one puppet are gathered: what the files of core/make share.
#include "fill/skin_plan.h"
#include "make/steps.h"

namespace enkinet::make {

/// Hands-on minutes that more than one file of steps counts with, typical.
inline constexpr double kGate = 10, kDrillHole = 4;

class Planner {
public:
    Planner(const body::Puppet& p, const choice::PuppetChoice& c, const fill::Shelf& shelf)
        : m_puppet(p), m_choice(c), m_shelf(shelf) {}

    void wires(const std::vector<choice::Cut>& cuts);
    void frame();
    void fillAndSkin(const fill::BakePlan& bakes);
    void dry();
    /// Each load behind its gate; in stages, what is skinned later waits for the load before.
    void bake(const fill::BakePlan& plan);
    void finish(const std::vector<SchemeWork>& schemes);
    /// What sits on the body, between the stages that it needs and those that it must be there for.
    void things(const std::vector<fill::FeatureWork>& features);
    /// Paint that another part's would hide goes on first; the builder's own orders, where they contradict nothing.
    void order();
    /// What must be done within the working time of a mix is done in as many mixes as that takes.
    void batches();
    /// One pair of hands takes the steps in order; a step starts when the hands are free and what it waits for has set.
    Plan schedule();

private:
    /// key: of its kind's, by id where there is one.
    int add(StepKind kind, const std::string& key, const Phrase& subject, double hands, double wait = 0,
            Tool tool = Tool::bench, Caution caution = Caution::none);
    void after(int step, int before, Reason why) {
        if (before >= 0) m_plan.steps[static_cast<std::size_t>(step)].after.push_back({before, why});
    }
    void use(int step, document::Ware ware, const std::string& card, double amount) {
        for (document::Use& u : at(step).uses)
            if (u.ware == ware && u.card == card) {
                u.amount += amount;
                return;
            }
        at(step).uses.push_back({ware, card, amount});
    }
    Step& at(int step) { return m_plan.steps[static_cast<std::size_t>(step)]; }
    const body::Limb& limb(int i) const { return m_puppet.limbs[static_cast<std::size_t>(i)]; }
    const std::string& limbName(int i) const { return limb(i).name; }
    /// One step a limb for all its parts that a test picks; the minutes come from each part.
    template <class Wanted, class Minutes>
    std::map<int, int> perLimb(StepKind kind, Caution caution, Wanted wanted, Minutes minutes) {
        std::map<int, int> steps;
        for (const fill::Part& p : m_choice.parts) {
            if (!wanted(p)) continue;
            const int limb = limbOf(p);
            const auto [it, fresh] = steps.try_emplace(limb, 0);
            if (fresh)
                it->second = add(kind, m_puppet.limbs[static_cast<std::size_t>(limb)].id, limbName(limb), 0, 0,
                                 Tool::bench, caution);
            at(it->second).hands_min += minutes(p);
        }
        return steps;
    }
    /// Posed joints at the ends of a segment.
    int gapsOf(const fill::Part& p) const {
        const body::Link& link = m_choice.skeleton.links[static_cast<std::size_t>(p.link)];
        return (link.gapFrom_mm > 0) + (link.gapTo_mm > 0);
    }
    int limbOf(const fill::Part& p) const {
        const body::Link& link = m_choice.skeleton.links[static_cast<std::size_t>(p.link)];
        return m_choice.skeleton.copies[static_cast<std::size_t>(link.copy)].limb;
    }
    /// Steps of the coats beneath the skin, limb by limb from inside out.
    void coats();
    /// A load that cures coats; gives its step. number: of the load, from 1; last: the load before, -1 for none.
    int bakeCoats(const fill::Bake& bake, int number, int last);
    /// A limb's first clay follows what lies under it.
    void onCore(int step, int limb);
    int coatOf(int limb, std::size_t level) const;
    int firstClay(int limb) const; ///< step; -1: none
    fill::ClayFamily familyOf(const fill::Part& p) const { return m_shelf.clays.at(p.layers.clay).family; }
    /// The step in which a part gets its clay.
    int skinOf(const fill::Part& p) const { return (isLate(p) ? m_late : m_skin).at(limbOf(p)); }
    /// Clay that never dries goes on when everything else is out of the oven.
    bool isLate(const fill::Part& p) const {
        return m_baked && p.skin.mass_g > 0 && familyOf(p) == fill::ClayFamily::never_dry;
    }
    /// What the piece is held by in each step, by what is hard, bare or left alone at that time.
    void findGrips();
    /// The builder's habit of what is begun with, and of the base's turn, where nothing stands against it.
    void habits();
    std::vector<int> findBegun() const; ///< limbs
    /// One before another, unless it would have to wait for it.
    void wish(int first, int then) {
        if (first >= 0 && then >= 0 && first != then && findChain(m_plan.steps, first, then).empty())
            after(then, first, Reason::own_order);
    }
    /// A step between two stages of the limb that it sits on.
    void between(int step, int limb, body::Stage before);

    const body::Puppet& m_puppet;
    const choice::PuppetChoice& m_choice;
    const fill::Shelf& m_shelf;
    Plan m_plan;
    std::map<int, int> m_wire, m_bound, m_bulk, m_skin, m_late; ///< step by limb; late: after the oven
    struct Coated {
        std::size_t level;
        int step, done; ///< done: it has dried or set
    };
    std::map<int, std::vector<Coated>> m_coated; ///< by limb, inside out
    std::map<int, int> m_cover;
    std::map<int, std::vector<int>> m_looks;  ///< gates that a limb's clay hardens behind
    std::map<int, std::vector<int>> m_hardOf; ///< steps after which a limb is hard
    std::vector<int> m_filled, m_hard;
    std::vector<int> m_first, m_painted; ///< first coats, and last
    struct Coats {
        std::vector<int> parts;
        int first, last; ///< steps; without a varnish that seals everything
    };
    std::vector<Coats> m_coats;
    std::vector<std::pair<int, int>> m_racks; ///< limb, step
    bool m_baked = false;
    int m_sheets = -1, m_base = -1, m_putty = -1, m_frame = -1, m_closing = -1, m_plant = -1, m_holes = 0;
};

} // namespace enkinet::make
