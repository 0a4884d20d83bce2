package venue.core.model.site;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.of;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.property.Property;
import venue.core.model.property.Property.LineRule;
import venue.core.model.property.PropertyType;

/**
 * How people become members of a site, and what is kept of them.
 *
 * @param domains mail domains whose addresses may sign up, in lower case, for {@link Way#DOMAINS}
 * @param consent what they agree to; or empty
 * @param editorsSee whether editors see who the members are
 */
public record Membership(Way way, List<String> domains, String consent, List<Field> fields, boolean editorsSee) {

    /** How somebody comes in who was not invited. */
    public enum Way {
        INVITED,
        ASKED,
        DOMAINS,
        OPEN
    }

    /**
     * Something that is kept of each member.
     *
     * @param key by which it is kept, and which heads its column in tables
     * @param choices for a choice
     * @param theirs whether members change it themselves
     */
    public record Field(String key, String label, Sort sort, List<String> choices, boolean theirs) {

        /** What it holds. */
        public enum Sort {
            WORDS,
            LINES,
            CHOICE,
            YES,
            DATE
        }
    }

    private static final LineRule KEY = new LineRule(
            "[a-z][a-z0-9-]{0,39}",
            "is no short name.",
            "Begin with a small letter; letters, digits and hyphens follow.");
    private static final LineRule DOMAIN = new LineRule(
            "(?=.{1,253}$)([A-Za-z0-9]([A-Za-z0-9-]{0,61}[A-Za-z0-9])?\\.)*[A-Za-z0-9]([A-Za-z0-9-]{0,61}[A-Za-z0-9])?",
            "is no mail domain.",
            "Write what stands behind the @, like kestrel-moor.example.");

    private static final List<Property> DECLARED = List.of(
            choice(
                    "joinWay",
                    "How people become members",
                    "invited=By invitation alone",
                    "asked=By asking: one of us agrees",
                    "domains=By signing up, from certain mail domains",
                    "open=By signing up, whoever they are"),
            of("joinDomains", "Mail domains", PropertyType.LINES)
                    .notWords()
                    .onlyWhen("joinWay=domains")
                    .eachLine(DOMAIN)
                    .help("One on each line: what stands behind the @."),
            of("joinConsent", "What they agree to", PropertyType.LINES)
                    .longest(500)
                    .help("Stands beside a box that has to be ticked. Without words there is none."),
            many(
                    "memberFields",
                    "What is kept of a member, besides name and address",
                    of("label", "What it is", PropertyType.WORDS).longest(60),
                    of("key", "Short name", PropertyType.WORDS)
                            .notWords()
                            .eachLine(KEY)
                            .help("Heads its column in tables. It stays when the words change."),
                    choice(
                            "sort",
                            "Holds",
                            "words=A line",
                            "lines=Several lines",
                            "choice=One of some answers",
                            "yes=Yes or no",
                            "date=A day"),
                    of("choices", "Answers", PropertyType.LINES)
                            .onlyWhen("sort=choice")
                            .help("One on each line."),
                    of("theirs", "Members change it themselves", PropertyType.YES_NO)
                            .fallback(Value.of(true))),
            of("editorsSeeMembers", "Editors see the members", PropertyType.YES_NO)
                    .fallback(Value.of(false)));

    /** What is declared of a site. */
    public static List<Property> declared() {
        return DECLARED;
    }

    public static Membership in(Site site) {
        Map<String, Value> facts = site.facts();
        String way = Values.text(facts, "joinWay");
        return new Membership(
                Stream.of(Way.values())
                        .filter(w -> w.name().equalsIgnoreCase(way))
                        .findFirst()
                        .orElse(Way.INVITED),
                lines(Values.text(facts, "joinDomains").toLowerCase(Locale.ROOT)),
                Values.text(facts, "joinConsent"),
                facts.get("memberFields") instanceof Value.Many many
                        ? many.groups().stream()
                                .map(Membership::field)
                                .filter(f -> !f.key().isEmpty())
                                .toList()
                        : List.of(),
                Values.flag(facts, "editorsSeeMembers"));
    }

    private static Field field(Map<String, Value> group) {
        String label = Values.text(group, "label");
        String key = Values.text(group, "key");
        String sort = Values.text(group, "sort");
        return new Field(
                key.isEmpty() ? label.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-") : key,
                label,
                Arrays.stream(Field.Sort.values())
                        .filter(s -> s.name().equalsIgnoreCase(sort))
                        .findFirst()
                        .orElse(Field.Sort.WORDS),
                lines(Values.text(group, "choices")),
                !Value.of(false).equals(group.get("theirs")));
    }

    private static List<String> lines(String text) {
        return text.lines().map(String::strip).filter(l -> !l.isEmpty()).toList();
    }

    /** Whether an address may sign up by itself. */
    public boolean admits(String email) {
        return way == Way.OPEN || way == Way.DOMAINS && domains.contains(email.substring(email.lastIndexOf('@') + 1));
    }
}
