package venue.core.template;

/** Where in the frame a zone stands. */
public enum ZoneRole {
    TOP,
    LEFT,
    MAIN,
    RIGHT,
    FOOT
}
