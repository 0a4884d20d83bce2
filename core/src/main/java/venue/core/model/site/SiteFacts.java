package venue.core.model.site;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.of;
import static venue.core.model.property.PropertyType.LINES;
import static venue.core.model.property.PropertyType.WORDS;

import java.util.List;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.gate.GateSettings;
import venue.core.model.property.Property;
import venue.core.model.property.Property.LineRule;
import venue.core.model.property.PropertyType;

/** The declared facts of a site: filled once, shown wherever an element is bound to one. */
public final class SiteFacts {

    private static final LineRule ELSEWHERE = new LineRule(
            "(.*\\s)?(https?://[^\\s/?#]+\\.[^\\s]+|mailto:[^\\s@]+@[^\\s@]+)",
            "ends with no address.",
            "Write a name, a space, and an address that begins with https://.");
    private static final String LABEL = "[A-Za-z0-9]([A-Za-z0-9-]{0,61}[A-Za-z0-9])?";
    private static final LineRule HOST = new LineRule(
            "(?=.{1,253}$)(" + LABEL + "\\.)*" + LABEL,
            "is no host name.",
            "Give a host name alone, like video.example.");

    private static final LineRule TILES = new LineRule(
            "(?=.*\\{z\\})(?=.*\\{x\\})(?=.*\\{y\\})"
                    + "(https://[A-Za-z0-9.-]+(:\\d+)?|http://([a-z0-9-]+\\.)*localhost(:\\d+)?)/[A-Za-z0-9/._~{}@?=&%-]*",
            "is no address of map tiles.",
            "Give one that begins with https:// and holds {z}, {x} and {y}, like https://tiles.example/{z}/{x}/{y}.png.");

    /** Whether it is counted how often pages are read. */
    private static final Property COUNTS_READS = of("countReads", "Count how often pages are read", PropertyType.YES_NO)
            .fallback(Value.of(true))
            .help(
                    "By day, without cookies, and nothing of who it was; robots apart. Shown by a lens of the Plan, and by listings.");

    /** The key of the rules for robots. */
    public static final String ROBOTS = "robots";

    private static final LineRule TOKEN = new LineRule(
            "\\*|[A-Za-z_-]{1,60}", "is no name of a robot.", "Give its product token, like Somebot, or *.");
    private static final LineRule BEGINS =
            new LineRule("[/*].{0,499}", "begins no address.", "Begin with a slash: /members.");

    private static final Property RULES = many(
                    ROBOTS,
                    "Rules for robots",
                    of("agent", "Robot", WORDS)
                            .notWords()
                            .longest(60)
                            .eachLine(TOKEN)
                            .fallback(Value.of("*")),
                    choice("way", "Rule", "disallow=may not fetch", "allow=may fetch"),
                    of("path", "Addresses that begin with", WORDS)
                            .notWords()
                            .longest(500)
                            .eachLine(BEGINS))
            .help(
                    "As robots.txt says it (RFC 9309): the longest rule that matches decides; a robot that is named reads its own alone."
                            + " Pages that robots may not fetch leave the sitemap.");

    /** Whether search engines are told of what a release changes. */
    private static final Property TELLS = of(
                    "tellsChanges", "Tell search engines what a release changes", PropertyType.YES_NO)
            .help(
                    "By IndexNow, an open protocol: the addresses that came, went or changed go to the service that is set up for this server,"
                            + " which passes them on. Nothing else is sent.");

    /** Whether it is looked every week whether links to other sites still lead somewhere. */
    private static final Property CHECKS_LINKS = of(
                    "checksLinks", "Look at links to other sites every week", PropertyType.YES_NO)
            .help(
                    "The survey names those that lead nowhere. Each address is asked for once, and nothing of its answer but the status is read.");

    private static final List<Property> TOLD = List.of(
            of("tagline", "Tagline", WORDS),
            of("email", "E-mail", WORDS).notWords(),
            of("phone", "Telephone", WORDS).notWords(),
            of("postalAddress", "Postal address", LINES),
            of("hours", "Opening hours", LINES).help("One day on each line: Monday: 10 to 17"),
            of("social", "Elsewhere", LINES)
                    .notWords()
                    .help("One on each line: a name, then an address.")
                    .eachLine(ELSEWHERE),
            of("frameHosts", "Hosts that may be shown within pages", LINES)
                    .notWords()
                    .help("One host name on each line. Visitors are asked before anything is fetched from them.")
                    .eachLine(HOST),
            of("tileServer", "Where maps come from", WORDS)
                    .notWords()
                    .help("The address of a map server’s tiles, like https://tiles.example/{z}/{x}/{y}.png."
                            + " Visitors are asked before anything is fetched from it.")
                    .eachLine(TILES),
            of("tileWords", "Words owed to who made the maps", WORDS).longest(200));

    private static final List<Property> SERVING = List.of(RULES, TELLS, CHECKS_LINKS, COUNTS_READS);

    /** What may stand at the top of the plan: a list of kinds; absent for anything. */
    private static final Property MAY_HOLD =
            many("mayHold", "At the top of the plan", of("kind", "Kind", PropertyType.KIND));

    private static final List<Property> ALL = Stream.of(
                    TOLD,
                    SERVING,
                    SiteIdentity.all(),
                    BoundPage.all(),
                    GateSettings.ofSite(),
                    Membership.declared(),
                    List.of(MAY_HOLD))
            .flatMap(List::stream)
            .toList();

    private SiteFacts() {}

    /** Whether it is counted how often the pages of a site are read: unless somebody has said no. */
    public static boolean countsReads(Site site) {
        return !(site.facts().get(COUNTS_READS.key()) instanceof Value.Flag flag) || flag.yes();
    }

    /** Whether search engines are told of what a release changes: where somebody has said so. */
    public static boolean tellsChanges(Site site) {
        return Values.flag(site.facts(), TELLS.key());
    }

    /** Whether links to other sites are looked at every week: where somebody has said so. */
    public static boolean checksLinks(Site site) {
        return Values.flag(site.facts(), CHECKS_LINKS.key());
    }

    /** What is declared of a site. */
    public static List<Property> all() {
        return ALL;
    }

    /** What of that visitors may be told. */
    public static List<Property> told() {
        return TOLD;
    }

    /** What is said of how it is served: what robots may fetch, whom it tells of changes, what is counted. No visitor reads it. */
    public static List<Property> serving() {
        return SERVING;
    }
}
