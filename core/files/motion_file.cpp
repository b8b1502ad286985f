#include "files/motion_file.h"
#include "base/text.h"
#include <charconv>
#include <cmath>
#include <fmt/format.h>
#include <fstream>
#include <optional>
#include <string_view>

namespace enkinet::files {

using shoot::Channel;
using shoot::Motion;
using shoot::MotionJoint;

namespace {

constexpr const char* kChannelWords[] = {"Xposition", "Yposition", "Zposition", "Xrotation", "Yrotation", "Zrotation"};

class MotionParser {
public:
    explicit MotionParser(const std::string& text) : m_text(text) {}

    Result<Motion> parse() {
        // A byte-order mark says nothing.
        if (m_text.substr(0, 3) == "\xEF\xBB\xBF") m_at = 3;
        if (next() != "HIERARCHY")
            return fail(words("HIERARCHY at its beginning"), words("must stand there: this is no motion file"));
        for (;;) {
            const std::string_view word = next();
            if (word == "ROOT") {
                if (!joint(-1, 0)) return *m_fault;
            } else if (word == "MOTION") {
                break;
            } else {
                return fail("\"" + shown(word) + "\"", words("must be ROOT or MOTION"));
            }
        }
        if (m_motion.joints.empty()) return fail(words("no joint"), words("moves: there must be a ROOT"));
        if (!frames()) return *m_fault;
        return std::move(m_motion);
    }

private:
    static std::string shown(std::string_view w) { return std::string(w.substr(0, 40)); }
    Fault fail(const Phrase& value, const Phrase& rule) {
        if (!m_fault) m_fault = Fault{words("motion file, line %1", m_line), value, rule};
        return *m_fault;
    }
    bool no(const Phrase& value, const Phrase& rule) {
        fail(value, rule);
        return false;
    }
    static bool isSpace(char c) { return c == ' ' || c == '\t' || c == '\r' || c == '\n'; }

    std::string_view next() {
        while (m_at < m_text.size() && isSpace(m_text[m_at]))
            m_line += m_text[m_at++] == '\n';
        const std::size_t from = m_at;
        while (m_at < m_text.size() && !isSpace(m_text[m_at]))
            ++m_at;
        return m_text.substr(from, m_at - from);
    }
    /// The rest of the line, without spaces around it: a joint's name may hold some.
    std::string_view line() {
        std::size_t from = m_at, to = m_at;
        while (to < m_text.size() && m_text[to] != '\n')
            ++to;
        m_at = to;
        while (from < to && isSpace(m_text[from]))
            ++from;
        while (to > from && isSpace(m_text[to - 1]))
            --to;
        return m_text.substr(from, to - from);
    }
    bool number(double& value, const Phrase& what) {
        std::string_view w = next();
        if (!w.empty() && w[0] == '+') w.remove_prefix(1);
        const auto [end, error] = std::from_chars(w.data(), w.data() + w.size(), value);
        if (error != std::errc{} || end != w.data() + w.size() || !std::isfinite(value) || std::abs(value) > 1e12)
            return no(w.empty() ? words("the end of the file") : Phrase("\"" + shown(w) + "\""),
                      words("must be a number: %1", what));
        return true;
    }
    bool offset(Vec3& v) {
        return number(v.x, words("an offset")) && number(v.y, words("an offset")) && number(v.z, words("an offset"));
    }

    /// After ROOT or JOINT.
    bool joint(int parent, int depth) {
        if (depth > 200) return no(words("joints inside joints"), words("must be at most 200 deep"));
        if (m_motion.joints.size() >= static_cast<std::size_t>(kMostMotionJoints))
            return no(words("joints"), words("must be at most %1", kMostMotionJoints));
        MotionJoint j;
        std::string_view name = line();
        bool open = false;
        if (!name.empty() && name.back() == '{') {
            open = true;
            name.remove_suffix(1);
            while (!name.empty() && isSpace(name.back()))
                name.remove_suffix(1);
        }
        if (name.empty() || name.size() > 200)
            return no(words("joint"), words("must have a name of at most 200 letters"));
        j.name = std::string(name), j.parent = parent;
        if (!open && next() != "{") return no(words("joint \"%1\"", shown(name)), words("must open with {"));
        const int own = static_cast<int>(m_motion.joints.size());
        m_motion.joints.push_back(j);
        bool placed = false, moved = false, children = false;
        for (;;) {
            const std::string_view word = next();
            MotionJoint& me = m_motion.joints[static_cast<std::size_t>(own)];
            if (word == "OFFSET") {
                if (placed) return no(words("OFFSET"), words("must stand once in a joint"));
                placed = true;
                if (!offset(me.offset)) return false;
            } else if (word == "CHANNELS") {
                if (moved) return no(words("CHANNELS"), words("must stand once in a joint"));
                moved = true;
                double count = 0;
                if (!number(count, words("how many channels"))) return false;
                if (!(count >= 0 && count <= 6) || count != std::floor(count))
                    return no(words("%1 channels", count), words("must be 0 to 6"));
                me.firstValue = m_motion.width;
                for (int c = 0; c < static_cast<int>(count); ++c) {
                    const std::string_view channel = next();
                    int found = -1;
                    for (int k = 0; k < 6; ++k)
                        if (channel == kChannelWords[k]) found = k;
                    if (found < 0)
                        return no(words("channel \"%1\"", shown(channel)),
                                  words("must be one of Xposition to Zrotation"));
                    me.channels.push_back(static_cast<Channel>(found));
                }
                m_motion.width += static_cast<int>(count);
            } else if (word == "JOINT") {
                children = true;
                if (!joint(own, depth + 1)) return false;
            } else if (word == "End") {
                line(); // "Site", and whatever name it has
                const std::string_view brace = m_at > 0 && m_text[m_at - 1] == '{' ? std::string_view("{") : next();
                if (brace != "{") return no(words("End Site"), words("must open with {"));
                if (next() != "OFFSET" || !offset(me.endOffset))
                    return no(words("End Site"), words("must have an OFFSET"));
                if (next() != "}") return no(words("End Site"), words("must close with }"));
                me.end = true;
            } else if (word == "}") {
                me.end = me.end && !children;
                return true;
            } else if (word.empty()) {
                return no(words("the end of the file"), words("comes inside joint \"%1\"", shown(me.name)));
            } else {
                return no("\"" + shown(word) + "\"", words("must be OFFSET, CHANNELS, JOINT, End Site or }"));
            }
        }
    }

    bool frames() {
        double count = 0;
        if (next() != "Frames:" || !number(count, words("how many frames")))
            return no(words("Frames:"), words("must follow MOTION, with a number"));
        if (!(count >= 0 && count <= kMostMotionFrames) || count != std::floor(count))
            return no(words("%1 frames", count), words("must be 0 to %1", kMostMotionFrames));
        if (next() != "Frame" || next() != "Time:" || !number(m_motion.frameTime_s, words("seconds a frame")))
            return no(words("Frame Time:"), words("must follow, with a number"));
        if (!(m_motion.frameTime_s > 0 && m_motion.frameTime_s <= 60))
            return no(words("%1 s", m_motion.frameTime_s), words("must be above 0 and at most 60 s a frame"));
        const double all = count * m_motion.width;
        if (all > kMostMotionValues)
            return no(words("%1 numbers", all), words("must be at most %1", kMostMotionValues));
        // No more is set aside than the text can hold: two letters a number.
        if (all > static_cast<double>(m_text.size() - m_at) / 2 + 2)
            return no(words("%1 frames", count), words("are more than the file goes on to hold"));
        m_motion.values.reserve(static_cast<std::size_t>(all));
        const Phrase what = words("a frame's value");
        for (double i = 0; i < all; ++i) {
            double v = 0;
            if (!number(v, what)) return false;
            m_motion.values.push_back(v);
        }
        return restLeftOut(what);
    }

    /// Writers often count one row too few: what they say is read, and the rows beyond it are counted, no more.
    bool restLeftOut(const Phrase& what) {
        std::size_t more = 0;
        for (;;) {
            const std::size_t at = m_at;
            const int line = m_line;
            if (next().empty()) break;
            m_at = at, m_line = line;
            double v = 0;
            if (!number(v, what)) return false;
            ++more;
        }
        if (more > 0 && (m_motion.width == 0 || more % static_cast<std::size_t>(m_motion.width) != 0))
            return no(words("%1 numbers", static_cast<double>(more)), words("after the last frame make no whole row"));
        if (more > 0) m_motion.rowsLeftOut = static_cast<int>(more / static_cast<std::size_t>(m_motion.width));
        return true;
    }

    std::string_view m_text;
    std::size_t m_at = 0;
    int m_line = 1;
    Motion m_motion;
    std::optional<Fault> m_fault;
};

} // namespace

Result<Motion> parseMotion(const std::string& text) {
    if (text.size() > kMostMotionBytes)
        return Fault{words("motion file"), words("%1 MB", text.size() >> 20), words("must be at most 256 MB")};
    return MotionParser(text).parse();
}

Result<Motion> loadMotion(const std::string& path) {
    std::ifstream in(path, std::ios::binary);
    if (!in) return Fault{path, {}, words("cannot be read")};
    in.seekg(0, std::ios::end);
    const auto size = in.tellg();
    if (size < 0 || static_cast<std::size_t>(size) > kMostMotionBytes)
        return Fault{path, {}, words("must be a file of at most 256 MB")};
    std::string text(static_cast<std::size_t>(size), '\0');
    in.seekg(0);
    in.read(text.data(), size);
    if (!in) return Fault{path, {}, words("cannot be read")};
    return parseMotion(text);
}

std::string writeMotion(const Motion& m) {
    std::string out = "HIERARCHY\n";
    std::vector<std::vector<int>> children(m.joints.size());
    for (std::size_t i = 0; i < m.joints.size(); ++i)
        if (m.joints[i].parent >= 0)
            children[static_cast<std::size_t>(m.joints[i].parent)].push_back(static_cast<int>(i));
    const auto put = [&](auto&& self, int i, int depth) -> void {
        const MotionJoint& j = m.joints[static_cast<std::size_t>(i)];
        const std::string tab(static_cast<std::size_t>(depth), '\t');
        out += tab + (j.parent < 0 ? "ROOT " : "JOINT ") + j.name + "\n" + tab + "{\n";
        out += fmt::format("{}\tOFFSET {:.17g} {:.17g} {:.17g}\n{}\tCHANNELS {}", tab, j.offset.x, j.offset.y,
                           j.offset.z, tab, j.channels.size());
        for (Channel c : j.channels)
            out += std::string(" ") + kChannelWords[static_cast<int>(c)];
        out += "\n";
        for (int c : children[static_cast<std::size_t>(i)])
            self(self, c, depth + 1);
        if (children[static_cast<std::size_t>(i)].empty())
            out += fmt::format("{0}\tEnd Site\n{0}\t{{\n{0}\t\tOFFSET {1:.17g} {2:.17g} {3:.17g}\n{0}\t}}\n", tab,
                               j.endOffset.x, j.endOffset.y, j.endOffset.z);
        out += tab + "}\n";
    };
    for (std::size_t i = 0; i < m.joints.size(); ++i)
        if (m.joints[i].parent < 0) put(put, static_cast<int>(i), 0);
    out += fmt::format("MOTION\nFrames: {}\nFrame Time: {:.17g}\n", m.frames(), m.frameTime_s);
    for (int f = 0; f < m.frames(); ++f) {
        for (int v = 0; v < m.width; ++v)
            out += fmt::format("{}{:.17g}", v ? " " : "", m.at(f, v));
        out += "\n";
    }
    return out;
}

} // namespace enkinet::files
