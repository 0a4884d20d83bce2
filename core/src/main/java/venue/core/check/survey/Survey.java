package venue.core.check.survey;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Touched;

/**
 * The check of a whole edition for what does not agree. Immutable; carried on from step to step, it looks again at what a step
 * touches alone.
 */
public final class Survey {

    private static final List<Rule> RULES = List.of(
            new BrokenLink(),
            new MenuLineNowhere(),
            new SaidNowhere(),
            new FailingContrast(),
            new OrphanPage(),
            new ToFillLeft(),
            new HeadingOverNothing(),
            new SameSearchTitle(),
            new MenuLineWaits(),
            new MissingDescription(),
            new PictureWithoutWords(),
            HardToRead.unreadable(),
            HardToRead.weak(),
            new TemplateGone(),
            new HomeWithoutMenu(),
            new Misplaced(),
            new FieldMissing(),
            new TopicTwins(),
            new TopicUsedOnce(),
            new RedirectShadowed(),
            new OpenToClosed(),
            new MenuLineClosed(),
            new GateAtOdds(),
            new HomeMissing(),
            new InMenuKeptOut(),
            new MenuOutOfOrder(),
            new SameTitleBeneath(),
            new SearchTextLength(),
            new HeadingsSkip(),
            new LinkSaysNothing(),
            new TableWithoutHead(),
            new SampleWordsLeft(),
            new FactMissing(),
            new OddLink(),
            new AddressUnreadable(),
            new TooDeep(),
            new BranchOfOne(),
            new TemplateUnfit(),
            new EmptyColumn(),
            new EmptyListing(),
            new FileTooHeavy(),
            new SharePictureSmall(),
            new SectionBehind(),
            new FileUnused(),
            new DatePast());

    private static final Comparator<Finding> GRAVEST = Comparator.comparing(Finding::severity)
            .thenComparing(Finding::rule)
            .thenComparing(Finding::item)
            .thenComparing(Finding::says)
            .thenComparing(Finding::section, Comparator.nullsFirst(Comparator.naturalOrder()));

    /** A rule as people read of it. */
    public record RuleInfo(String key, String name, Severity severity, String why) {}

    private static final System.Logger LOG = System.getLogger(Survey.class.getName());

    private final Scope scope;
    private final List<Rule> rules;
    /** What each rule has found, in the order of the rules. */
    private final List<RuleFindings> found;
    /** The rules that could not be asked this time: what they have found is what they found before. */
    private final Set<Rule> failed;

    private volatile @Nullable List<Finding> all;

    private Survey(Scope scope, List<Rule> rules, List<RuleFindings> found, Set<Rule> failed) {
        this.scope = scope;
        this.rules = rules;
        this.found = found;
        this.failed = failed;
    }

    public static List<RuleInfo> rules() {
        return RULES.stream().map(Survey::info).toList();
    }

    private static RuleInfo info(Rule rule) {
        return new RuleInfo(rule.key(), rule.name(), rule.severity(), rule.why());
    }

    /** The survey of a working copy by itself. */
    public static Survey of(Edition working, Edition live) {
        return of(working, live, Known.NOTHING);
    }

    /** The survey of a working copy. */
    public static Survey of(Edition working, Edition live, Known known) {
        return of(Scope.workingCopy(working, live, known));
    }

    /** The survey of an edition by itself, as visitors have it, or would have it. */
    public static Survey ofReleased(Edition edition) {
        return ofReleased(edition, Known.NOTHING);
    }

    /** The survey of an edition as visitors have it, or would have it. */
    public static Survey ofReleased(Edition edition, Known known) {
        return of(Scope.released(edition, known));
    }

    private static Survey of(Scope scope) {
        return of(scope, RULES);
    }

    static Survey of(Scope scope, List<Rule> rules) {
        Set<Rule> failed = new HashSet<>();
        List<RuleFindings> found = rules.stream()
                .map(rule -> asked(rule, RuleFindings.NOTHING, failed, then -> then.anew(rule, scope)))
                .toList();
        return new Survey(scope, rules, found, failed);
    }

    /** A rule that throws costs nobody a step: what it has found stays, and all is looked at again when it can be asked next. */
    private static RuleFindings asked(
            Rule rule, RuleFindings before, Set<Rule> failed, UnaryOperator<RuleFindings> ask) {
        try {
            return ask.apply(before);
        } catch (RuntimeException e) {
            LOG.log(System.Logger.Level.ERROR, "The rule " + rule.key() + " of the survey failed", e);
            failed.add(rule);
            return before.still();
        }
    }

    /**
     * The survey of a later working copy.
     *
     * @param changed ids of the items that are not what they were, in the working copy or live
     */
    public Survey after(Edition working, Edition live, Collection<String> changed) {
        return after(working, live, changed, scope.known());
    }

    /** The same where something else is known by now. */
    public Survey after(Edition working, Edition live, Collection<String> changed, Known known) {
        Set<String> touched = Touched.by(scope.edition(), working, changed);
        Scope now = scope.after(working, live, touched, known);
        List<RuleFindings> later = new ArrayList<>();
        Set<Rule> failing = new HashSet<>();
        for (int i = 0; i < rules.size(); i++) {
            Rule rule = rules.get(i);
            later.add(asked(rule, found.get(i), failing, then -> after(rule, then, now, changed, touched)));
        }
        return new Survey(now, rules, later, failing);
    }

    private RuleFindings after(
            Rule rule, RuleFindings then, Scope now, Collection<String> changed, Set<String> touched) {
        boolean dawned = !now.known().today().equals(scope.known().today());
        if (failed.contains(rule)
                || (dawned && rule.readsTheDay())
                || changed.stream().anyMatch(id -> rule.isReadEverywhere(item(scope, id), item(now, id)))) {
            return then.anew(rule, now);
        }
        Set<String> again = new HashSet<>(touched);
        touched.forEach(id -> rule.touches(scope, now, id).forEach(again::add));
        return then.after(rule, now, again);
    }

    private static @Nullable Item item(Scope scope, String id) {
        return scope.edition().find(id).orElse(null);
    }

    /** The items about which something else was found before the step that led here. */
    public Set<String> news() {
        return found.stream().flatMap(f -> f.news().stream()).collect(Collectors.toSet());
    }

    /** The rules that could not be asked, whose findings are those of an earlier step. */
    public List<RuleInfo> failed() {
        return rules.stream().filter(failed::contains).map(Survey::info).toList();
    }

    /** All findings, the gravest first. */
    public List<Finding> all() {
        List<Finding> known = all;
        if (known == null) {
            known = found.stream().flatMap(RuleFindings::all).sorted(GRAVEST).toList();
            all = known;
        }
        return known;
    }

    /** What is found about an item, the gravest first. */
    public List<Finding> about(String item) {
        return found.stream().flatMap(f -> f.about(item)).sorted(GRAVEST).toList();
    }

    /** How many findings of a weight there are. */
    public int count(Severity severity) {
        int count = 0;
        for (int i = 0; i < rules.size(); i++) {
            count += rules.get(i).severity() == severity ? found.get(i).count() : 0;
        }
        return count;
    }
}
