// The tables of what was tried with real wire.
#include "wire/calibration.h"

namespace enkinet::wire {

using namespace schema;

namespace {

/// What the engine asks of a bundle holds for one that was tested too.
void checkBundle(Rules& r, const Phrase& place, const Bundle& bundle) {
    if (const auto made = makeTestedBundle(bundle); !made) r.that(false, place, made.fault().value, made.fault().rule);
}

} // namespace

const Words& wordsOf(LastBend) {
    static const Words all = makeWords<LastBend>({{LastBend::unknown, "unknown", words("unknown")},
                                                  {LastBend::with, "with", words("with the load")},
                                                  {LastBend::against, "against", words("against the load")}});
    return all;
}

const Table& described(const BendTest*) {
    static const Table table = [] {
        Table t = makeTable<BendTest>(
            words("bend test"), words("bend tests"),
            {field<&BendTest::spool>("spool", words("spool")).needed().to(RefKind::spool),
             field<&BendTest::date>("date", words("date")), field<&BendTest::note>("note", words("note")).upTo(20000),
             field<&BendTest::bundle, &Bundle::strands>("strands", words("strands")).always(),
             field<&BendTest::bundle, &Bundle::lay_mm>("lay_mm", words("lay"), Dimension::length).always(),
             field<&BendTest::gap_mm>("gap_mm", words("gap"), Dimension::length).always().between(0.5, 500),
             field<&BendTest::edge>("edge_factor", words("edge factor")).always().between(1, 3),
             angle<&BendTest::angle_rad>("angle_deg", words("angle"))
                 .always()
                 .between(1, 170)
                 .about("bent to plus and minus this"),
             field<&BendTest::cycles>("cycles", words("count"), Dimension::cycles)
                 .always()
                 .between(0.5, 1e9)
                 .about("at the break")});
        t.setRule<[](Rules& r, const Phrase& place, const BendTest& b) { checkBundle(r, place, b.bundle); }>();
        return t;
    }();
    return table;
}

const Table& described(const HangTest*) {
    static const Table table = [] {
        Table t = makeTable<HangTest>(
            words("hang test"), words("hang tests"),
            {field<&HangTest::spool>("spool", words("spool")).needed().to(RefKind::spool),
             field<&HangTest::date>("date", words("date")), field<&HangTest::note>("note", words("note")).upTo(20000),
             field<&HangTest::bundle, &Bundle::strands>("strands", words("strands")).always(),
             field<&HangTest::bundle, &Bundle::lay_mm>("lay_mm", words("lay"), Dimension::length).always(),
             field<&HangTest::gap_mm>("gap_mm", words("gap"), Dimension::length).always().between(0.5, 500),
             field<&HangTest::lever_mm>("lever_mm", words("lever"), Dimension::length).always().between(1, 2000),
             field<&HangTest::weight_g>("weight_g", words("weight"), Dimension::mass).always().between(0.1, 1e5),
             field<&HangTest::lastBend>("last_bend", words("last bend")).always(),
             angle<&HangTest::lastAngle_rad>("angle_deg", words("last bend")).always().between(0, 170),
             angle<&HangTest::set_rad>("set_deg", words("set")).always().between(0.05, 5)});
        t.setRule<[](Rules& r, const Phrase& place, const HangTest& h) {
            checkBundle(r, place, h.bundle);
            r.that(h.lastBend == LastBend::unknown || h.lastAngle_rad > 0, place,
                   words("last bend %1", quantity(0, Dimension::angle)),
                   words("must be above 0 where its direction is given"));
        }>();
        return t;
    }();
    return table;
}

const Table& described(const WearTest*) {
    static const Table table =
        makeTable<WearTest>(words("wear test"), words("wear tests"),
                            {field<&WearTest::spool>("spool", words("spool")).needed().to(RefKind::spool),
                             field<&WearTest::date>("date", words("date")).always(),
                             field<&WearTest::joint>("joint", words("joint"))
                                 .needed()
                                 .atLeast(1)
                                 .upTo(300)
                                 .about("which wire: puppet/copy/limb/joint/side/number"),
                             field<&WearTest::shot>("shot", words("shot")).always(),
                             field<&WearTest::share>("share", words("share"))
                                 .needed()
                                 .between(1e-9, 1e6)
                                 .about("of the card's median life, twisting and forming taken off"),
                             field<&WearTest::broke>("broke", words("broke")).always()});
    return table;
}

} // namespace enkinet::wire
