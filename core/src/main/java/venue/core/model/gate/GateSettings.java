package venue.core.model.gate;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.of;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** The declared settings that say for whom something is. */
public final class GateSettings {

    /** Who may see a page: of pages, kinds and the site. */
    public static final String GATE = "gate";

    /** What whoever may not see it is told. */
    static final String OTHERS = "gateOthers";

    static final String HIDDEN = "hidden";

    /** Ends the key of the groups that belong to an audience. */
    static final String GROUPS = "Groups";

    static final String GROUP = "group";

    /** Whether links to pages that are closed say so: a fact of the site. */
    public static final String SAID = "sayClosed";

    /** To whom a section is shown. */
    public static final String SHOWN_TO = "shownTo";

    private static final String HEADING = "Who may see it";
    private static final List<String> OPEN_TO =
            List.of("everyone=Everyone", "members=Members", "groups=Some groups…", "us=Only us");

    private GateSettings() {}

    /** Of pages and kinds, which leave it to what stands above them unless they say otherwise. */
    public static List<Property> inherited() {
        return gate(Stream.concat(Stream.of("above=As what it stands beneath"), OPEN_TO.stream()));
    }

    /** Of the whole site. */
    public static List<Property> ofSite() {
        return Stream.concat(
                        gate(OPEN_TO.stream()).stream(),
                        Stream.of(of(SAID, "Links to closed pages say so", PropertyType.YES_NO)
                                .fallback(Value.of(false))
                                .help("“(for members)” stands beside a link, for those who would be asked to sign in.")
                                .under(HEADING)))
                .toList();
    }

    /** Whether links to pages that somebody may not open say so to them, by the facts of the site. */
    public static boolean isSaid(Map<String, Value> facts) {
        return Values.flag(facts, SAID);
    }

    private static List<Property> gate(Stream<String> answers) {
        return List.of(
                choice(GATE, "Who may see it", answers.toArray(String[]::new)).under(HEADING),
                groups(GATE).onlyWhen("gate=groups").under(HEADING),
                choice(
                                OTHERS,
                                "Whoever may not",
                                "asked=Is asked to sign in",
                                HIDDEN + "=Doesn’t learn that it is there")
                        .onlyWhen("gate=members|groups|us")
                        .under(HEADING));
    }

    /** Of sections. */
    public static List<Property> ofSections() {
        return List.of(
                choice(
                        SHOWN_TO,
                        "Shown to",
                        "everyone=Everyone",
                        "members=Members",
                        "groups=Some groups…",
                        "strangers=Strangers alone"),
                groups(SHOWN_TO).onlyWhen("shownTo=groups"));
    }

    private static Property groups(String key) {
        return many(key + GROUPS, "Groups", of(GROUP, "Group", PropertyType.GROUP))
                .help("A member of any of them may. While none is chosen, nobody may.");
    }

    /** To whom a section is shown, by its settings. */
    public static Audience shownTo(Map<String, Value> settings) {
        return Audience.in(settings, SHOWN_TO).findFirst().orElse(Audience.EVERYONE);
    }

    /** The values that give a gate; none where it is left to what stands above. */
    public static Map<String, Value> values(@Nullable Gate gate) {
        Map<String, Value> values = new TreeMap<>();
        Optional.ofNullable(gate).ifPresent(g -> {
            values.put(GATE, Value.of(g.audience().who().key()));
            if (!g.audience().groups().isEmpty()) {
                values.put(GATE + GROUPS, chosen(g.audience()));
            }
            if (g.hidden()) {
                values.put(OTHERS, Value.of(HIDDEN));
            }
        });
        return values;
    }

    private static Value chosen(Audience audience) {
        return new Value.Many(audience.groups().stream()
                .sorted()
                .map(id -> Map.of(GROUP, Value.of(id)))
                .toList());
    }
}
