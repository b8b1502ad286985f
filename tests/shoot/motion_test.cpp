#include "base/units.h"
#include "body/pose.h"
#include "files/motion_file.h"
#include "shoot/mapping.h"
#include "support/near.h"
#include <set>

using namespace enkinet::shoot;

namespace {

using Recorded = shoot::Motion; // a posed body has a motion too

Recorded randomMotion(Random& random, int joints, int frames) {
    Recorded m;
    m.frameTime_s = 1.0 / random.whole(12, 60);
    // Depth first, as a file lists them: each hangs on the last one or on one of those above it.
    std::vector<int> path;
    for (int i = 0; i < joints; ++i) {
        MotionJoint j;
        j.name = "joint " + std::to_string(i);
        while (static_cast<int>(path.size()) > 1 && random.whole(0, 2) == 0)
            path.pop_back();
        j.parent = path.empty() ? -1 : path.back();
        j.offset = {random.between(-10, 10), random.between(-10, 10), random.between(-10, 10)};
        if (i == 0) j.channels = {Channel::x_position, Channel::y_position, Channel::z_position};
        std::vector<Channel> turns{Channel::x_rotation, Channel::y_rotation, Channel::z_rotation};
        for (std::size_t k = 0; k < 3; ++k)
            std::swap(turns[k], turns[nth(random.whole(static_cast<int>(k), 2))]);
        j.channels.insert(j.channels.end(), turns.begin(), turns.end());
        j.firstValue = m.width;
        m.width += static_cast<int>(j.channels.size());
        m.joints.push_back(j);
        path.push_back(i);
    }
    for (std::size_t i = 0; i < m.joints.size(); ++i) {
        bool leaf = true;
        for (const MotionJoint& j : m.joints)
            leaf = leaf && j.parent != static_cast<int>(i);
        m.joints[i].end = leaf;
        if (leaf) m.joints[i].endOffset = {0, random.between(1, 5), 0};
    }
    for (int v = 0; v < frames * m.width; ++v)
        m.values.push_back(random.between(-170, 170));
    return m;
}

} // namespace

TEST_CASE("Motion that was written is read back the same", "[shoot]") {
    Random random(6);
    for (int round = 0; round < 20; ++round) {
        const Recorded m = randomMotion(random, random.whole(1, 30), random.whole(0, 12));
        const auto back = files::parseMotion(files::writeMotion(m));
        INFO((back ? std::string() : back.fault().sentence()));
        REQUIRE(back);
        CHECK(*back == m);
    }
}

TEST_CASE("Foreign habits are read: brackets on the line, marks, tabs, names with spaces, numbers with a plus",
          "[shoot]") {
    const std::string text =
        "\xEF\xBB\xBFHIERARCHY\r\nROOT Hips {\r\n OFFSET 0 +0.5 0\r\n CHANNELS 6 Xposition Yposition Zposition "
        "Zrotation Xrotation Yrotation\r\n"
        "\tJOINT Left Up Leg\r\n{\r\nOFFSET 1e0 -2 0\r\nCHANNELS 3 Zrotation Xrotation Yrotation\r\nEnd "
        "Site\r\n{\r\nOFFSET 0 -4 0\r\n}\r\n}\r\n}\r\n"
        "MOTION\r\nFrames: 2\r\nFrame Time: 0.0416667\r\n0 0 0 10 20 30 1 2 3\r\n0 0 0 0 0 0 -1 -2 -3\r\n";
    const auto m = files::parseMotion(text);
    INFO((m ? std::string() : m.fault().sentence()));
    REQUIRE(m);
    REQUIRE(m->joints.size() == 2);
    CHECK(m->joints[1].name == "Left Up Leg");
    CHECK(m->joints[1].parent == 0);
    CHECK(m->joints[1].end);
    CHECK(m->frames() == 2);
    CHECK(findChannelRange(*m, 1, 0) == std::pair{-1.0, 1.0});
}

TEST_CASE("Hostile motion files are refused in one line that names its place", "[shoot]") {
    const std::string head =
        "HIERARCHY\nROOT a\n{\nOFFSET 0 0 0\nCHANNELS 1 Xrotation\nEnd Site\n{\nOFFSET 0 0 0\n}\n}\n";
    std::string deep = "HIERARCHY\nROOT a\n{\n";
    for (int i = 0; i < 400; ++i)
        deep += "JOINT b\n{\n";
    for (const std::string& text :
         {std::string(), std::string("HIERARCHY"), std::string("PK\x03\x04"), head,
          head + "MOTION\nFrames: 1\nFrame Time: 0\n1\n", head + "MOTION\nFrames: 3\nFrame Time: 0.04\n1\n2\n",
          head + "MOTION\nFrames: 1\nFrame Time: 0.04\nnan\n",
          head + "MOTION\nFrames: 99999999999\nFrame Time: 0.04\n1\n",
          head + "MOTION\nFrames: 1\nFrame Time: 0.04\n1 two\n", head + "MOTION\nFrames: -1\nFrame Time: 0.04\n",
          head + "MOTION\nFrames: 200000\nFrame Time: 0.04\n1\n",
          std::string("HIERARCHY\nROOT a\n{\nOFFSET 0 0 0\nCHANNELS 7 Xrotation\n}\n"),
          std::string("HIERARCHY\nROOT a\n{\nOFFSET 0 0\n}\n"), deep,
          std::string("HIERARCHY\nROOT a\n{\nCHANNELS 1 Wrotation\n}\n")}) {
        const auto m = files::parseMotion(text);
        REQUIRE_FALSE(m);
        CHECK(m.fault().sentence().find("line") != std::string::npos);
        CHECK(m.fault().sentence().find('\n') == std::string::npos);
    }
    CHECK_FALSE(files::loadMotion("/no/such/file"));
}

TEST_CASE("A turn about one axis is that bend, whatever the order; a turn about the bone bends nothing", "[shoot]") {
    Random random(2);
    for (int round = 0; round < 60; ++round) {
        Recorded m = randomMotion(random, 1, 1);
        const double deg = random.between(-85, 85);
        for (const Channel about : {Channel::x_rotation, Channel::y_rotation, Channel::z_rotation}) {
            for (std::size_t c = 0; c < m.joints[0].channels.size(); ++c)
                m.values[c] = m.joints[0].channels[c] == about ? deg : 0;
            const Bends b = calcBends(m, 0);
            CHECK(std::abs(b.forth_rad[0] - (about == Channel::x_rotation ? degToRad(deg) : 0)) < 1e-12);
            CHECK(std::abs(b.aside_rad[0] - (about == Channel::z_rotation ? degToRad(deg) : 0)) < 1e-12);
        }
        // Bend and then twist: the bend stays.
        m.joints[0].channels = {Channel::x_rotation, Channel::y_rotation};
        m.joints[0].firstValue = 0, m.width = 2, m.values = {deg, random.between(-170, 170)};
        CHECK(std::abs(calcBends(m, 0).forth_rad[0] - degToRad(deg)) < 1e-9);
        CHECK(std::abs(calcBends(m, 0).aside_rad[0]) < 1e-9);
        CHECK(std::abs(calcBends(m, 0, true).forth_rad[0]) < 1e-12);
    }
}

TEST_CASE("A motion file's joints are matched by name and side, each once, and strangers are left out", "[shoot]") {
    Recorded m;
    for (const char* name : {"Hips", "LeftUpLeg", "LeftLeg", "LeftFoot", "RightUpLeg", "right_knee", "ankle.R",
                             "LeftForeArm", "Neck", "Antenna7"}) {
        MotionJoint j;
        j.name = name, j.parent = m.joints.empty() ? -1 : 0, j.channels = {Channel::x_rotation},
        j.firstValue = m.width++;
        m.joints.push_back(j);
    }
    for (int f = 0; f < 25; ++f)
        for (int v = 0; v < m.width; ++v)
            m.values.push_back(f);
    const body::Puppet& tansy = demo().puppets[0];
    const auto mapping = proposeMapping(m, tansy);
    std::set<std::tuple<std::string, std::string, bool>> to;
    std::set<int> from;
    for (const Mapped& x : mapping) {
        CHECK(to.insert({x.limb, x.joint, x.right}).second);
        CHECK(from.insert(x.motion).second);
        CHECK(m.joints[nth(x.motion)].name != "Antenna7");
        const std::string& name = m.joints[nth(x.motion)].name;
        if (name.find("eft") != std::string::npos) CHECK_FALSE(x.right);
        if (name == "right_knee") {
            CHECK(x.right);
            CHECK(x.joint == "knee");
        }
    }
    CHECK(mapping.size() >= 4);
    const auto histories = calcHistories(m, mapping, tansy, 24, 2);
    REQUIRE(histories.size() == mapping.size());
    CHECK(histories[0].forth_rad.size() == 13); // 25 frames on twos
    for (const auto& h : histories) {
        // Arms bend forth the other way about the axis than legs do.
        CHECK_NEAR(h.forth_rad[6], (h.limb == "arm" ? -1 : 1) * degToRad(12), 1e-12);
        CHECK(h.forth_rad[0] == 0);
    }
}

TEST_CASE("An arm that the file holds out at its zero points where the file says, on the puppet too", "[shoot]") {
    const body::Puppet& tansy = demo().puppets[0];
    const body::Skeleton rest = body::calcSkeleton(tansy);
    for (const bool right : {false, true}) {
        Recorded m;
        m.joints.resize(2);
        m.joints[0].name = right ? "RightShoulder" : "LeftShoulder", m.joints[0].channels = {Channel::z_rotation};
        m.joints[1].name = "Beyond", m.joints[1].parent = 0, m.joints[1].offset = {right ? -30.0 : 30.0, 0, 0};
        m.width = 1;
        for (double deg : {0.0, -30.0, -60.0, -85.0})
            m.values.push_back(right ? -deg : deg);
        const auto histories = calcHistories(m, proposeMapping(m, tansy), tansy, 1 / m.frameTime_s, 1);
        REQUIRE(histories.size() == 1);
        REQUIRE(histories[0].aside_rad.size() == 4);
        for (std::size_t i = 0; i < 4; ++i) {
            body::Pose pose;
            pose.angles = {
                {histories[0].limb, histories[0].joint, right, histories[0].forth_rad[i], histories[0].aside_rad[i]}};
            const body::Posed posed = body::calcPosed(tansy, rest, pose);
            for (const body::Hinge& h : rest.hinges) {
                const body::LimbCopy& c = rest.copies[nth(h.copy)];
                const body::Limb& limb = tansy.limbs[nth(c.limb)];
                if (limb.id != "arm" || c.right != right || limb.joints[nth(h.joint)].id != histories[0].joint)
                    continue;
                const body::Link& l = posed.skeleton.links[nth(h.after)];
                const double below = radToDeg(std::atan2(l.from.y - l.to.y, std::abs(l.to.x - l.from.x)));
                INFO("frame " << i);
                CHECK(std::abs(below - std::vector<double>{0, 30, 60, 85}[i]) < 1.5);
            }
        }
    }
}

TEST_CASE("Of a motion file with more rows than it says it has, those that it says are read, and the rest counted",
          "[shoot]") {
    const std::string head = "HIERARCHY\nROOT a\n{\nOFFSET 0 0 0\nCHANNELS 2 Xrotation Zrotation\n}\nMOTION\n";
    const auto m = must(files::parseMotion(head + "Frames: 2\nFrame Time: 0.04\n1 2\n3 4\n5 6\n7 8\n"));
    CHECK(m->frames() == 2);
    CHECK(m->values == std::vector<double>{1, 2, 3, 4});
    CHECK(m->rowsLeftOut == 2);
    // Half a row is a fault, as too few rows are.
    CHECK_FALSE(files::parseMotion(head + "Frames: 2\nFrame Time: 0.04\n1 2\n3 4\n5\n"));
    CHECK_FALSE(files::parseMotion(head + "Frames: 2\nFrame Time: 0.04\n1 2\n3\n"));
    CHECK(files::parseMotion(head + "Frames: 2\nFrame Time: 0.04\n1 2\n3 4\n")->rowsLeftOut == 0);
}

TEST_CASE("A foot that the file draws from ankle to toe stands flat at its zero, as the one drawn from ankle to sole",
          "[shoot]") {
    const body::Puppet& tansy = demo().puppets[0];
    Recorded m;
    const std::tuple<const char*, int, Vec3> bones[] = {{"Hips", -1, {0, 90, 0}},
                                                        {"LeftUpLeg", 0, {10, 0, 0}},
                                                        {"LeftLeg", 1, {0, -40, 0}},
                                                        {"LeftFoot", 2, {0, -40, 0}},
                                                        {"LeftToe", 3, {0, -6, 14}}};
    for (const auto& [name, parent, offset] : bones) {
        MotionJoint j;
        j.name = name, j.parent = parent, j.offset = offset, j.channels = {Channel::x_rotation};
        j.firstValue = m.width++;
        m.joints.push_back(j);
    }
    for (int f = 0; f < 3; ++f)
        for (int v = 0; v < m.width; ++v)
            m.values.push_back(v == 3 ? 10.0 * f : 0.0); // the ankle alone
    int ankles = 0;
    for (const auto& h : calcHistories(m, proposeMapping(m, tansy), tansy, 1 / m.frameTime_s, 1))
        if (h.limb == "leg" && h.joint == "ankle") {
            ++ankles;
            for (std::size_t f = 0; f < 3; ++f)
                CHECK_NEAR(std::abs(h.forth_rad[f]), degToRad(10.0 * static_cast<double>(f)), 1e-6);
        }
    CHECK(ankles == 1);
}
