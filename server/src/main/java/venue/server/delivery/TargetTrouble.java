package venue.server.delivery;

/** Something is the matter with a target: what, and what can be done about it. */
public final class TargetTrouble extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final String fix;

    public TargetTrouble(String says, String fix) {
        super(says);
        this.fix = fix;
    }

    TargetTrouble(String says, String fix, Throwable cause) {
        super(says, cause);
        this.fix = fix;
    }

    public String says() {
        return String.valueOf(getMessage());
    }

    public String fix() {
        return fix;
    }
}
