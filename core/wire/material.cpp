#include "wire/material.h"
#include "base/rules.h"
#include "base/text.h"
#include <algorithm>
#include <cmath>

namespace enkinet::wire {

Result<MaterialCard> makeCard(MaterialCard card) {
    const Phrase place = words("wire card %1", card.id);
    if (!isId(card.id)) return badId(words("wire card"), card.id);
    if (auto f = findBeyond(place, {{words("Young's modulus"), card.youngs_MPa / 1000, 1, 1000, words(" GPa")},
                                    {words("Poisson's ratio"), card.poisson, 0, 0.5},
                                    {words("density"), card.density_g_cm3, 0.5, 25, words(" g/cm3")},
                                    {words("ultimate strength"), card.ultimate_MPa, 5, 5000, words(" MPa")},
                                    {words("reduction of area"), card.reductionOfArea, 0.01, 0.99}}))
        return *f;
    if (card.measured) {
        const CyclicConstants& m = *card.measured;
        if (auto f = findBeyond(place, {{words("measured sf'"), m.sf_MPa, 1, 1e5, words(" MPa")},
                                        {words("measured b"), m.b, -0.5, -0.01},
                                        {words("measured ef'"), m.ef, 1e-4, 20},
                                        {words("measured c"), m.c, -1.5, -0.1},
                                        {words("measured K'"), m.K_MPa, 1, 1e5, words(" MPa")},
                                        {words("measured n'"), m.n, 0.01, 0.6}}))
            return *f;
    }
    return card;
}

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
