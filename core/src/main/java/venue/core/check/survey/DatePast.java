package venue.core.check.survey;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.model.section.Section;

/** Days that are past, in sections that say that something is coming. */
final class DatePast extends DeclaredRule {

    /** Words by which something is said to be coming, in the languages that the site’s own words are in. */
    private static final Pattern COMING = Pattern.compile(
            "\\b(?:coming|upcoming|next|soon|forthcoming"
                    + "|demnächst|nächste[nrms]?|bald|kommende[nrms]?"
                    + "|prochaine?s?|prochainement|bientôt|à venir"
                    + "|próxim[oa]s?|próximamente|pronto"
                    + "|prossim[oaie]|prossimamente|presto"
                    + "|binnenkort|volgende|komende"
                    + "|næste|snart|nästa)\\b",
            Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE | Pattern.UNICODE_CHARACTER_CLASS);

    private static final Pattern YEAR = Pattern.compile("\\d{4}");
    private static final Pattern ISO = Pattern.compile("\\b(\\d{4})-(\\d{2})-(\\d{2})\\b");
    private static final Map<String, Named> NAMED = new ConcurrentHashMap<>();

    /** Days with the name of their month, in a language and in English. */
    private record Named(Map<String, Integer> months, Pattern day) {

        static Named of(String language) {
            Map<String, Integer> months = Stream.of(Locale.forLanguageTag(language), Locale.ENGLISH)
                    .flatMap(l -> Stream.of(Month.values())
                            .flatMap(m -> Stream.of(TextStyle.FULL, TextStyle.FULL_STANDALONE, TextStyle.SHORT)
                                    .map(style -> Map.entry(folded(m.getDisplayName(style, l)), m.getValue()))))
                    .filter(e -> e.getKey().matches("\\p{L}+"))
                    .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, (a, b) -> a));
            String names = String.join("|", months.keySet());
            return new Named(
                    months,
                    Pattern.compile(
                            "\\b(\\d{1,2})(?:st|nd|rd|th|er|\\.)? (?:de |of )?(" + names
                                    + ")\\.?,? (?:de |del )?(\\d{4})\\b",
                            Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE | Pattern.UNICODE_CHARACTER_CLASS));
        }

        private static String folded(String name) {
            return name.toLowerCase(Locale.ROOT).replace(".", "");
        }

        Optional<LocalDate> day(MatchResult found) {
            Integer month = months.get(folded(found.group(2)));
            return month == null ? Optional.empty() : date(found.group(3), month, found.group(1));
        }
    }

    DatePast() {
        super(
                "date-past",
                "Day that is past in what is coming",
                Severity.SHOULD_FIX,
                "Visitors read of something to come that is over.");
    }

    @Override
    public boolean readsTheDay() {
        return true;
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.stand(item).stream()
                .flatMap(stand -> stand.item()
                        .body()
                        .all()
                        .flatMap(section -> past(scope, section)
                                .map(day -> Finding.of(
                                                this,
                                                stand.page(),
                                                "“" + section.name() + "” says that something is coming, and names "
                                                        + day + ".")
                                        .at(stand.section(section.id())))
                                .stream()));
    }

    /** The latest day that is past, where a section says that something is coming and names no later day. */
    private static Optional<LocalDate> past(Scope scope, Section section) {
        List<String> said = new ArrayList<>();
        section.elements().forEach(e -> e.props().values().forEach(v -> Said.in(v, said::add)));
        // Most sections name no year: they are told apart before their words are read.
        if (said.stream().noneMatch(words -> YEAR.matcher(words).find())) {
            return Optional.empty();
        }
        String words = String.join("\n", said.stream().map(Words::of).toList());
        if (!COMING.matcher(words).find()) {
            return Optional.empty();
        }
        Named named = NAMED.computeIfAbsent(scope.edition().site().language(), Named::of);
        return Stream.concat(
                        ISO.matcher(words)
                                .results()
                                .flatMap(r -> date(r.group(1), Integer.parseInt(r.group(2)), r.group(3)).stream()),
                        named.day().matcher(words).results().flatMap(r -> named.day(r).stream()))
                .max(LocalDate::compareTo)
                .filter(day -> day.isBefore(scope.known().today()));
    }

    private static Optional<LocalDate> date(String year, int month, String day) {
        try {
            return Optional.of(LocalDate.of(Integer.parseInt(year), month, Integer.parseInt(day)));
        } catch (DateTimeException none) {
            return Optional.empty();
        }
    }
}
