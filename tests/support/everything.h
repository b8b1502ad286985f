#pragma once
// The demo with something of everything that a file can hold.
#include "support/near.h"
#include <nlohmann/json.hpp>

namespace enkinet::test {

/// aside: a second design too, which has all keys of a puppet once more.
inline nlohmann::json everything(bool withAside = true) {
    using Json = nlohmann::json;
    Json j = Json::parse(*files::readFile(kDemo));
    j["stock"].update(Json::parse(R"({
        "wire_tests": [
            {"kind":"bend","spool":"alu-1.5","strands":2,"lay_mm":12,"gap_mm":12,"edge_factor":1.3,"angle_deg":40,"cycles":60},
            {"kind":"hang","spool":"alu-1.5","strands":1,"lay_mm":0,"gap_mm":14,"lever_mm":60,"weight_g":60,
             "last_bend":"with","angle_deg":40,"set_deg":0.5}],
        "wear_tests": [{"spool":"alu-1.5","date":"2026-12-18","joint":"tansy/1/leg/knee/left/1","shot":"gate","share":0.4,"broke":true}],
        "offcuts": [{"spool":"alu-1.5","length_mm":120}],
        "glues": ["epoxy", "instant"]})"));
    j["stock"]["shop"].update(Json::parse(R"({
        "hands": {"pinch_N":11,"pinch_half_width_mm":7,"grasp_N":35,"grasp_half_width_mm":19},
        "wire_work": {"cut_min":1.5,"spin_min":2,"bind_min":1},
        "break_tests": [{"clay":"firm-grey","date":"2026-11-20","note":"thin","diameter_mm":6,"span_mm":60,"force_N":40}]})"));
    j["schemes"][0]["relief"] = {{"texture", "scales"}, {"depth_mm", 0.8}, {"pitch_mm", 5}};
    j["schemes"][0]["coats"][2].update({{"zone", "stretch"}, {"from", 0.1}, {"to", 0.9}, {"amount", 1.5}});
    j["shots"][0]["breaks"] = {
        {{"puppet", "tansy"}, {"limb", "arm"}, {"joint", "elbow"}, {"copy", 1}, {"frame", 12}, {"right", true}}};
    j["shots"][0]["done"] = true;
    // As few frames as say what they are: each is read and written hundreds of times.
    for (Json& shot : j["shots"])
        for (Json& cast : shot["cast"])
            if (cast.contains("histories"))
                for (Json& joint : cast["histories"])
                    for (const char* way : {"forth_deg", "aside_deg"})
                        if (joint.contains(way)) joint[way].erase(joint[way].begin() + 4, joint[way].end());
    j["moves"] = Json::parse(R"([{"puppet":"tansy","step":"skin:arm","not_before":"2026-12-02T10:00"},
        {"puppet":"tansy","copy":2,"step":"skin:arm","before":{"puppet":"brindle","step":"skin:leg"}}])");
    j["log"].push_back(
        Json::parse(R"({"at":"2026-11-30T12:00:05","puppet":"tansy","copy":1,"step":"skin:arm","part":"arm",
        "kind":"ticked","number":3,"planned_min":12,"unit":"min","text":"as it was","picture":"pictures/b.png",
        "item":"skin:arm 3","utc_offset_min":60})"));
    j["judged"] = Json::parse(R"({"rules":1,"puppets":[{"id":"tansy","mass_g":182,"hands_min":1500,
        "limbs":[{"id":"arm","wire":"2 x alu-1.0","joints":[{"id":"elbow","word":"holds"}]}]}],
        "printed":[{"puppet":"tansy","at":"2026-11-29T18:00","limbs":[{"id":"arm","wire":"2 x alu-1.0","cut_mm":310}]}]})");
    j["calendar"].update({{"start", "2026-11-30T10:00"}, {"people", {"Maren", "Ode"}}});
    j["calendar"]["hours"].update({{"sat", {"10:00", "13:00"}}, {"sun", {"14:00", "15:00", "16:00", "17:00"}}});
    Json& tansy = j["puppets"][0];
    tansy["board"] = tansy["poses"][0];
    tansy["board"]["planted_right"] = true;
    tansy["measures"] = Json::parse(R"([{"name":"m","from_x_mm":0,"from_y_mm":0,"from_z_mm":0,"to_x_mm":0,"to_y_mm":9,
        "to_z_mm":0,"measured_mm":9.4,"other_side_mm":9.1}])");
    tansy["pictures"] = Json::parse(R"([{"file":"pictures/a.png","side":true,"x_mm":1,"y_mm":2,"mm_per_px":0.5,
        "angle_deg":3,"strength":0.4,"crop_left":0.1,"seen_from":"right","width_px":400,"height_px":900,
        "figure_top":0.1,"figure_bottom":0.9}])");
    tansy["proportions"] = {{{"key", "heads_high"}, {"target", 4.5}, {"tolerance", 0.05}}};
    tansy["left"] = {{{"point", "sheet-sags:sheet/cape"}, {"because", "propped"}}};
    tansy["rig"] = {{"limb", "spine"}, {"segment", 2}};
    tansy["wants"].update(
        Json::parse(R"({"disliked_gauges":[{"diameter_mm":1.2}],"shot":[{"pose":"wave"}],"bakes":"own list",
        "step_order":[{"first":"skin:arm","then":"skin:leg"}],
        "loads":[{"name":"head","limbs":[{"limb":"arm"}],"masses":[{"mass":"head"}],"with_earlier":true,"set_C":120,
                  "minutes":20}]})"));
    tansy["features"].push_back(Json::parse(
        R"({"id":"glint","name":"glint","on":{"feature":"eye-left"},"first_mm":1,"mass_g":0.1,"signed_off":[{"side":"front"}]})"));
    tansy["props"][0]["pose"] = "wave";
    Json& arm = tansy["limbs"][1];
    arm["tie_down"] = {{"wires", 1}, {"depth_mm", 12}};
    arm["cut_mm"] = 300, arm["loop_mm"] = 4, arm["wraps"] = 2;
    tansy["limbs"][2]["wire"] =
        Json::parse(R"({"spool":"alu-2.0","strands":2,"lay_mm":13,"drops":[{"after":"knee","strands":1}]})");
    tansy["limbs"][2]["joints"][1].update({{"forming_bends", 2}, {"need_s", 12}});
    tansy["limbs"][0]["segments"][1]["stations"][0]["skin_mm"] = 2;
    tansy["limbs"][0]["segments"][1]["layers"].update(
        {{"coats", {{{"clay", "firm-grey"}, {"thickness_mm", 1.5}, {"load", 1}}}},
         {"cover_from", 0.1},
         {"cover_to", 0.9}});
    j["puppets"][1]["limbs"][3]["no_wire"] = "it lies on the neck";
    if (withAside) {
        Json aside = tansy;
        aside["note"] = "the one of before";
        tansy["aside"] = Json::array({aside});
    }
    j["cards"] = Json::parse(R"({
        "wires":[{"id":"own-wire","youngs_GPa":70,"density_g_per_cm3":2.7,"ultimate_MPa":100,"reduction_of_area":0.7,
            "measured":{"sf_MPa":200,"b":-0.1,"ef":0.5,"c":-0.6,"K_MPa":220,"n":0.12}}],
        "clays":[{"id":"own-clay","family":"air-dry","density_g_per_cm3":1.6,"pack_g":500}],
        "bulks":[{"id":"own-bulk","density_g_per_cm3":0.3,"conductivity_W_per_mK":0.1,"heat_J_per_kgK":900}],
        "covers":[{"id":"own-cover","mass_g_per_m2":120}],
        "ovens":[{"id":"own-tile","limit_C":400}],
        "adhesives":[{"id":"own-glue","shear_MPa":3,"holds_MPa":{"raw clay":0.1,"cured clay":1,"wood":2,"metal":2,
            "glass":1,"foam":0.2,"foil":1,"plaster":1,"cloth":1,"paint":0.5}}],
        "paints":[{"id":"own-paint","colour":"#204060","gloss":0.2,"strength":2,"batch":"b7"}]})");
    return j;
}

} // namespace enkinet::test
