package venue.core.model.template;

import java.util.List;

/** Where in the frame a zone stands. */
public enum ZoneRole {
    TOP,
    LEFT,
    MAIN,
    RIGHT,
    FOOT;

    /** The role, and what stands in for it where a frame has none: one column at the side for the other. */
    public List<ZoneRole> nearest() {
        return switch (this) {
            case LEFT -> List.of(LEFT, RIGHT);
            case RIGHT -> List.of(RIGHT, LEFT);
            default -> List.of(this);
        };
    }
}
