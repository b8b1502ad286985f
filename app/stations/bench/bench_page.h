#pragma once
// Bench: tests of the builder's own wire, clay and oven, guided step by step, with devices or by hand; what each says
// against what the card said.
#include "devices/bend_watch.h"
#include "stations/bench/bench_known.h"
#include "stations/bench/bench_table.h"
#include "stations/page.h"
#include <QElapsedTimer>

class QFormLayout;
class QPushButton;

namespace enkinet::app {

class AnswerHead;
class ChoiceField;
class NumberField;

class BenchPage : public Page {
    Q_OBJECT
public:
    explicit BenchPage(Document& document);
    DevicePorts& ports() { return document().devices(); }
    BenchTest test() const;

protected:
    void show(const results::Report& report) override;
    void follow(const findings::Finding& point) override;

private:
    NumberField* number(const char* id, const QString& name, double low, double high, double step, int decimals,
                        double first);
    NumberField* length(const char* id, const QString& name, double low, double high, double first);
    void makeFields();
    void showSubjects();
    void showTop();
    void showGuide();
    void start();
    void stop();
    void count();
    void keep();
    void came(const devices::Reading& reading);
    void steady(const std::string& unit, double value);
    int spool(); ///< index into the stock; -1 where there is none
    const fill::ClayCard* clay();
    wire::Bundle sample(); ///< of the spool in hand
    wire::BendTest bendTest();
    wire::HangTest hangTest();
    fill::BreakTest breakTest();
    static std::string today();
    void entered();                       ///< the result was typed, counted or read: it may be kept
    std::optional<double> farOff() const; ///< the result as a share of what is expected, where that is a third or three

    bool m_running = false, m_broken = false, m_entered = false;
    double m_count = 0;
    std::optional<double> m_asked;             ///< the result that was asked about, for it is far off
    std::optional<devices::BendWatch> m_watch; ///< a bend tester has spoken since the start
    std::optional<double> m_angle_deg;
    std::vector<std::pair<double, double>> m_oven; ///< minutes, °C
    QElapsedTimer m_started;

    BenchTable* m_table;
    AnswerHead* m_head;
    BenchKnown* m_known;
    QLabel *m_guide, *m_caution;
    ChoiceField *m_kind, *m_subject, *m_strands, *m_edge, *m_lastBend;
    NumberField *m_lay, *m_gap, *m_angle, *m_cycles, *m_lever, *m_weight, *m_rod, *m_span, *m_force, *m_set;
    QPushButton *m_start, *m_one, *m_keep;
    QFormLayout* m_form;
};

} // namespace enkinet::app
