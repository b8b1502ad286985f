#include "wire/material.h"
#include "schema/limits.h"
#include <algorithm>
#include <cmath>

namespace enkinet::wire {

const schema::Words& wordsOf(Use) {
    static const schema::Words all = schema::makeWords<Use>({{Use::posed, "posed", words("posed")},
                                                             {Use::fixed, "static", words("static")},
                                                             {Use::both, "both", words("both")}});
    return all;
}

const schema::Table& described(const CyclicConstants*) {
    using namespace schema;
    static const Table table = makeTable<CyclicConstants>(
        words("measured constants"), words("measured constants"),
        {field<&CyclicConstants::sf_MPa>("sf_MPa", words("measured sf'"), Dimension::stress)
             .needed()
             .between(1, 1e5)
             .about("fatigue strength coefficient"),
         field<&CyclicConstants::b>("b", words("measured b")).needed().between(-0.5, -0.01).about("its exponent"),
         field<&CyclicConstants::ef>("ef", words("measured ef'"))
             .needed()
             .between(1e-4, 20)
             .about("fatigue ductility coefficient"),
         field<&CyclicConstants::c>("c", words("measured c")).needed().between(-1.5, -0.1).about("its exponent"),
         field<&CyclicConstants::K_MPa>("K_MPa", words("measured K'"), Dimension::stress)
             .needed()
             .between(1, 1e5)
             .about("cyclic strength coefficient"),
         field<&CyclicConstants::n>("n", words("measured n'"))
             .needed()
             .between(0.01, 0.6)
             .about("cyclic hardening exponent")});
    return table;
}

const schema::Table& described(const MaterialCard*) {
    using namespace schema;
    static const Table table = makeTable<MaterialCard>(
        words("wire card"), words("wire cards"),
        {idField<&MaterialCard::id>(), nameField<&MaterialCard::name>(), noteField<&MaterialCard::note>(),
         field<&MaterialCard::youngs_MPa>("youngs_GPa", words("Young's modulus"), Dimension::stiffness)
             .per(1000)
             .needed()
             .between(1, 1000),
         field<&MaterialCard::poisson>("poisson", words("Poisson's ratio")).always().between(0, 0.5),
         field<&MaterialCard::density_g_cm3>("density_g_per_cm3", words("density"), Dimension::density)
             .needed()
             .between(0.5, 25),
         field<&MaterialCard::ultimate_MPa>("ultimate_MPa", words("ultimate strength"), Dimension::stress)
             .needed()
             .between(5, 5000),
         field<&MaterialCard::reductionOfArea>("reduction_of_area", words("reduction of area"))
             .needed()
             .between(0.01, 0.99)
             .about("at fracture, a share"),
         field<&MaterialCard::proof_MPa>("proof_MPa", words("proof stress"), Dimension::stress)
             .between(0, 5000)
             .about("0.2 % proof stress as delivered; 0: not known"),
         field<&MaterialCard::use>("use", words("use")).always(),
         field<&MaterialCard::rusts>("rusts", words("rusts")).about("plain steel: in clay that is wet with water"),
         field<&MaterialCard::typical>("typical", words("typical"))
             .always()
             .about("from tables, not from a test of this wire; false where a file does not say"),
         field<&MaterialCard::measured>("measured", words("measured constants"))
             .about("cyclic constants; without them they follow from the numbers above")});
    return table;
}

Result<MaterialCard> makeCard(MaterialCard card) { return schema::makeSound(std::move(card)); }

double findDuctility(const MaterialCard& card) { return std::log(1 / (1 - card.reductionOfArea)); }

bool isEstimated(const MaterialCard& card) {
    return card.measured && !(card.measured->n >= 0.1 && card.measured->n <= 0.2);
}

CyclicConstants calcConstants(const MaterialCard& card) {
    if (card.measured) return *card.measured;
    CyclicConstants k;
    const double ratio = card.ultimate_MPa / card.youngs_MPa;
    k.sf_MPa = 0.623 * card.youngs_MPa * std::pow(ratio, 0.832);
    k.ef = 0.0196 * std::pow(findDuctility(card), 0.155) * std::pow(ratio, -0.53);
    k.K_MPa = k.sf_MPa / std::pow(k.ef, k.n);
    return k;
}

double calcStress(const CyclicConstants& k, double youngs_MPa, double strain) {
    const double e = std::abs(strain);
    if (e == 0) return 0;
    const double power = 1 / k.n;
    // Both summands are positive, so the stress lies below either branch alone; Newton on the convex
    // residual from above runs down to the root without overshoot.
    double s = std::min(youngs_MPa * e, k.K_MPa * std::pow(e, k.n));
    for (int i = 0; i < 60; ++i) {
        const double plastic = std::pow(s / k.K_MPa, power);
        const double step = (s / youngs_MPa + plastic - e) / (1 / youngs_MPa + power * plastic / s);
        s -= step;
        if (std::abs(step) <= 1e-15 * s) break;
    }
    return std::copysign(s, strain);
}

double calcLnAmplitude(const CyclicConstants& k, double youngs_MPa, double x) {
    return std::log(k.sf_MPa / youngs_MPa * std::exp(k.b * x) + k.ef * std::exp(k.c * x));
}

double calcCycles(const CyclicConstants& k, double youngs_MPa, double amplitude) {
    const double target = std::log(amplitude), a0 = std::log(k.sf_MPa / youngs_MPa), p0 = std::log(k.ef);
    // The larger of the two single-branch answers lies below the root, where the convex curve is too high.
    double x = std::max((target - a0) / k.b, (target - p0) / k.c);
    for (int i = 0; i < 60; ++i) {
        const double a = std::exp(a0 + k.b * x), p = std::exp(p0 + k.c * x);
        const double step = (std::log(a + p) - target) * (a + p) / (k.b * a + k.c * p);
        x -= step;
        if (std::abs(step) <= 1e-14 * std::max(1.0, std::abs(x))) break;
    }
    return std::exp(x) / 2;
}

} // namespace enkinet::wire
