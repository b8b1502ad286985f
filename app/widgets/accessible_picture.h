#pragma once
// Pictures that are read aloud: whatever a view draws and lets be chosen (joints, parts, wires, steps) is a child of
// its accessible interface, with its sentence, its place and whether it is in hand.
#include <QRect>
#include <QString>
#include <functional>
#include <vector>

class QWidget;

namespace enkinet::app {

struct PicturePart {
    QString name;
    QRect box; ///< in the view
    bool selected = false;
};

/// Implemented by such a view beside QWidget.
class HasParts {
public:
    virtual ~HasParts() = default;
    virtual std::vector<PicturePart> parts() const = 0;
    /// As a click on it.
    virtual void choosePart(int index) = 0;
};

/// Makes the interfaces known to the toolkit; once.
void installAccessiblePictures();
/// Tells a reader which part is in hand now.
void announcePart(QWidget& view, int index);
/// Reads a sentence aloud: a verdict, an undo, an error.
void announce(QWidget& from, const QString& sentence);
/// Also hears every sentence that is announced, whether or not a reader runs; none: nobody.
void setListener(std::function<void(const QString&)> listener);

} // namespace enkinet::app
