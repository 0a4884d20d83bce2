package venue.core.survey;

import java.util.Comparator;
import java.util.List;

/** The check of a whole edition for what does not agree. */
public final class Survey {

    private static final List<Rule> RULES = List.of(
            new BrokenLink(),
            new MenuLineNowhere(),
            new FailingContrast(),
            new OrphanPage(),
            new ToFillLeft(),
            new SameSearchTitle(),
            new MissingDescription(),
            new PictureWithoutWords(),
            new HardToRead(),
            new TemplateGone(),
            new Misplaced(),
            new FieldMissing());

    /** A rule as people read of it. */
    public record RuleInfo(String key, String name, Severity severity, String why) {}

    private Survey() {}

    public static List<RuleInfo> rules() {
        return RULES.stream()
                .map(r -> new RuleInfo(r.key(), r.name(), r.severity(), r.why()))
                .toList();
    }

    /** All findings, the gravest first. */
    public static List<Finding> of(Scope scope) {
        return RULES.stream()
                .flatMap(r -> r.find(scope))
                .sorted(Comparator.comparing(Finding::severity)
                        .thenComparing(Finding::rule)
                        .thenComparing(Finding::item))
                .toList();
    }
}
