package venue.core.check.survey;

/** How much a finding weighs. */
public enum Severity {
    MUST_FIX,
    SHOULD_FIX,
    NOTE
}
