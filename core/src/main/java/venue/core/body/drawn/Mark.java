package venue.core.body.drawn;

/** A rectangle in the units of the drawing. */
public record Mark(double x, double y, double width, double height, Ink ink) {

    /** How strongly a mark is drawn. */
    public enum Ink {
        LINE,
        WASH,
        SOLID
    }

    Mark moved(double right, double down) {
        return new Mark(x + right, y + down, width - right, height - down, ink);
    }

    Mark inked(Ink other) {
        return new Mark(x, y, width, height, other);
    }
}
