#pragma once
// Which paints of a shelf, in whole parts that a brush or drops can measure, come nearest a colour: every mixture is
// tried, so the best is the best. docs/mechanics.md 135.
#include "paint/coats.h"
#include "paint/reflectance.h"
#include "solve/effort.h"

namespace enkinet::paint {

struct RecipePart {
    int paint = 0; ///< place on the shelf
    int parts = 1;
    friend bool operator==(const RecipePart&, const RecipePart&) = default;
};
struct Recipe {
    std::vector<RecipePart> parts; ///< by their places on the shelf; no common factor
    Rgb colour;
    double deltaE = 0; ///< CIEDE2000 from the target
    int sum() const;
};
struct RecipeLimits : solve::Effort { ///< counts every pair of paints
    int mostPaints = 4, mostParts = 12;
    int shown = 5;                 ///< the best so many
    double needed_ml = 0;          ///< of the mixture; 0: as much as is wanted is there
    std::vector<double> left_ml{}; ///< by place on the shelf, where needed_ml is above 0
};
struct Recipes : solve::Proof {
    std::vector<Recipe> recipes; ///< best first; of equals the one of fewer paints, then of fewer parts
    long tried = 0;
};
/// shelf: at most 200 cards with sound colours.
Recipes calcRecipes(const std::vector<PaintCard>& shelf, const Rgb& target, const RecipeLimits& limits = {});

/// What a part more of each paint on the shelf would do to a mixture: the distance from the target then.
std::vector<double> calcOneMore(const std::vector<PaintCard>& shelf, const Recipe& recipe, const Rgb& target);

/// The mixture as a card: its colour; hiding, strength and price by shares, drying as its slowest; id "mixed-RRGGBB",
/// no name yet. Hiding by shares is an estimate until it is tried.
PaintCard makeMixed(const std::vector<PaintCard>& shelf, const Recipe& recipe, double ml);

/// A recipe scaled to millilitres, waste included: by part of the recipe.
std::vector<double> calcAmounts(const Recipe& recipe, double needed_ml, double waste = 0.15);

} // namespace enkinet::paint
