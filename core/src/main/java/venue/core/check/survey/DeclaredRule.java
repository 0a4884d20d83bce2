package venue.core.check.survey;

/** What every rule says of itself. */
abstract class DeclaredRule implements Rule {

    private final String key;
    private final String name;
    private final Severity severity;
    private final String why;

    DeclaredRule(String key, String name, Severity severity, String why) {
        this.key = key;
        this.name = name;
        this.severity = severity;
        this.why = why;
    }

    @Override
    public final String key() {
        return key;
    }

    @Override
    public final String name() {
        return name;
    }

    @Override
    public final Severity severity() {
        return severity;
    }

    @Override
    public final String why() {
        return why;
    }
}
