package venue.server.survey;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.core.basics.item.SiteId;
import venue.core.basics.link.Link;
import venue.core.basics.text.Words;
import venue.core.body.form.Given;
import venue.core.change.edit.redirect.RedirectCommand;
import venue.core.check.survey.CommentFindings;
import venue.core.check.survey.Finding;
import venue.core.check.survey.FormFindings;
import venue.core.check.survey.GroupsWithoutMembers;
import venue.core.check.survey.OutsideLinks;
import venue.core.check.survey.Severity;
import venue.core.check.survey.Survey;
import venue.core.check.survey.WareFindings;
import venue.core.edition.edition.Edition;
import venue.core.live.address.Addresses;
import venue.core.live.address.AtAddress;
import venue.core.live.address.Nearest;
import venue.core.model.form.Form;
import venue.core.model.gate.Group;
import venue.core.model.redirect.Redirect;
import venue.server.mail.FormMail;
import venue.store.answer.Answers;
import venue.store.aside.SetAside;
import venue.store.member.Members;
import venue.store.outside.CheckedLinks;
import venue.store.search.InVain;
import venue.store.search.LastAsked;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/**
 * All that is found at a site: by the rules of the survey, which look at the working copy alone, in what visitors asked for and sent, and
 * in who its members are. The one place that tells and counts it.
 */
@Component
public class Surveyed {

    private static final Survey.RuleInfo ASKED = new Survey.RuleInfo(
            "asked-in-vain",
            "Own link asked for in vain",
            Severity.MUST_FIX,
            "A page of this site led visitors there, and they found nothing.");
    private static final Survey.RuleInfo IDLE = new Survey.RuleInfo(
            "redirect-idle",
            "Redirect that nobody asks for",
            Severity.NOTE,
            "Nobody has asked for it in a year: that what stood there is gone can be said instead.");
    private static final Duration HOUR = Duration.ofHours(1);

    private final InVain inVain;
    private final LastAsked lastAsked;
    private final Members members;
    private final Answers answers;
    private final FormMail mail;
    private final SetAside aside;
    private final CheckedLinks links;
    private final InstantSource clock;
    private final Cache<SiteId, Asked> asked =
            Caffeine.newBuilder().expireAfterWrite(HOUR).build();
    private final Cache<SiteId, Set<String>> idle =
            Caffeine.newBuilder().expireAfterWrite(HOUR).build();

    private record Asked(long turns, List<InVain.Missed> missed) {}

    Surveyed(
            InVain inVain,
            LastAsked lastAsked,
            Members members,
            Answers answers,
            FormMail mail,
            SetAside aside,
            CheckedLinks links,
            InstantSource clock) {
        this.aside = aside;
        this.links = links;
        this.answers = answers;
        this.mail = mail;
        this.members = members;
        this.inVain = inVain;
        this.lastAsked = lastAsked;
        this.clock = clock;
    }

    /**
     * What is found at a site. It is counted with every step, and told in words where somebody looks.
     *
     * @param lost addresses to which pages of the site led, and at which nothing is
     * @param unasked redirects that nobody asked for in a year
     * @param barred groups without members that alone may see pages
     * @param forms what doesn't agree about forms, and links to other sites that are dead
     * @param aside what was set aside, found or not
     */
    public record Found(
            Standing standing,
            List<InVain.Missed> lost,
            List<Redirect> unasked,
            List<Finding> barred,
            List<Finding> forms,
            Map<SetAside.Key, SetAside.Aside> aside) {

        public Survey survey() {
            return standing.survey();
        }

        public int count(Severity severity) {
            int besides = switch (severity) {
                case MUST_FIX -> lost.size();
                case SHOULD_FIX -> barred.size();
                case NOTE -> unasked.size();
            };
            return survey().count(severity)
                    + besides
                    + (int) forms.stream().filter(f -> f.severity() == severity).count()
                    - (int) putAside().filter(f -> f.severity() == severity).count();
        }

        /** What is found and was not set aside, the gravest first. */
        List<Finding> all() {
            return every().filter(f -> !aside.containsKey(SetAside.Key.of(f)))
                    .sorted(Comparator.comparing(Finding::severity))
                    .toList();
        }

        /** What the survey finds about an item and nobody set aside. */
        public Stream<Finding> about(String item) {
            return survey().about(item).stream().filter(f -> !aside.containsKey(SetAside.Key.of(f)));
        }

        /** What is found and was set aside: looked for by what that is about. */
        Stream<Finding> putAside() {
            if (aside.isEmpty()) {
                return Stream.empty();
            }
            Stream<Finding> surveyed = aside.keySet().stream()
                    .map(SetAside.Key::item)
                    .distinct()
                    .flatMap(item -> survey().about(item).stream());
            return Stream.concat(besides(), surveyed).filter(f -> aside.containsKey(SetAside.Key.of(f)));
        }

        private Stream<Finding> every() {
            return Stream.concat(besides(), survey().all().stream());
        }

        /** What is found by no rule that looks at the working copy alone. */
        private Stream<Finding> besides() {
            return Stream.of(
                            inVain(standing.working(), lost),
                            unasked.stream().map(Surveyed::idle),
                            barred.stream(),
                            forms.stream())
                    .flatMap(f -> f);
        }
    }

    public static List<Survey.RuleInfo> rules() {
        return Stream.of(
                        Stream.of(ASKED, IDLE, GroupsWithoutMembers.RULE),
                        FormFindings.RULES.stream(),
                        WareFindings.RULES.stream(),
                        CommentFindings.RULES.stream(),
                        OutsideLinks.RULES.stream(),
                        Survey.rules().stream())
                .flatMap(r -> r)
                .toList();
    }

    /** What the rules that look at an edition find on the live site; nothing before the first release. */
    public static Set<SetAside.Key> live(Standing standing) {
        return standing.release() == 0
                ? Set.of()
                : standing.live()
                        .kept(
                                "what is found on the live site on "
                                        + standing.known().today(),
                                () -> Survey.ofReleased(standing.live(), standing.known()).all().stream()
                                        .map(SetAside.Key::of)
                                        .collect(Collectors.toUnmodifiableSet()));
    }

    public Found of(Workspace workspace, Standing standing) {
        Edition working = standing.working();
        Addresses addresses = Addresses.ofAll(working);
        List<InVain.Missed> lost =
                asked.asMap().compute(workspace.site(), (site, known) -> asked(site, known)).missed().stream()
                        .filter(m -> addresses.at(m.words()) instanceof AtAddress.Nothing)
                        .toList();
        List<Redirect> unasked = idle.get(workspace.site(), s -> idle(workspace, working)).stream()
                .sorted()
                .flatMap(id -> working.find(Redirect.class, id).stream())
                .filter(r -> r.to() != null)
                .toList();
        return new Found(
                standing,
                lost,
                unasked,
                barred(members, workspace.site(), working),
                Stream.of(
                                forms(answers, mail.isSetUp(), clock.instant(), workspace.site(), working),
                                OutsideLinks.in(working, links.dead(workspace.site())))
                        .flatMap(List::stream)
                        .toList(),
                aside.all(workspace.site()));
    }

    /** What is found of forms, baskets and comments, by what visitors sent until now. */
    public static List<Finding> forms(Answers answers, boolean mail, Instant now, SiteId site, Edition working) {
        List<Finding> wares = Stream.of(WareFindings.in(working), CommentFindings.in(working))
                .flatMap(List::stream)
                .toList();
        List<String> ids = working.all(Form.class).map(Form::id).toList();
        if (ids.isEmpty()) {
            return wares;
        }
        Map<String, Instant> oldest = answers.fresh(site, ids).entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, e -> e.getValue().oldest()));
        Map<String, Map<String, Given.Count>> given = working.all(Form.class)
                .filter(f -> f.placesField().isPresent())
                .collect(Collectors.toMap(Form::id, f -> answers.places().given(site, f.id())));
        List<Finding> found = FormFindings.in(
                working,
                new FormFindings.Around(
                        mail,
                        now,
                        oldest,
                        (form, item) -> given.getOrDefault(form, Map.of()).getOrDefault(item, Given.Count.NONE)));
        return Stream.concat(wares.stream(), found.stream()).toList();
    }

    /** What is found of groups that alone may see pages, by who belongs to them now. */
    public static List<Finding> barred(Members members, SiteId site, Edition working) {
        if (working.all(Group.class).findAny().isEmpty()) {
            return List.of();
        }
        Set<String> peopled = members.counts(site).groups().keySet();
        return GroupsWithoutMembers.in(working, peopled::contains);
    }

    /** As it was told before, where nothing has been asked for since. */
    private Asked asked(SiteId site, @Nullable Asked known) {
        long turns = inVain.turns();
        return known != null && known.turns() == turns
                ? known
                : new Asked(turns, inVain.all(site, InVain.What.OWN_LINKS));
    }

    private static Stream<Finding> inVain(Edition working, List<InVain.Missed> lost) {
        if (lost.isEmpty()) {
            return Stream.empty();
        }
        Nearest nearest = new Nearest(working);
        return lost.stream()
                .map(m -> finding(
                        ASKED,
                        m.words(),
                        "Pages of this site led visitors to " + m.words() + " " + Words.count(m.times(), "time")
                                + ", and nothing answers there.",
                        nearest.to(m.words())
                                .map(p -> new Finding.Mend(
                                        "Lead it to “" + p.title() + "”",
                                        RedirectCommand.leadOn(m.words(), Link.toPage(p.id()))))
                                .orElseGet(() -> gone(m.words()))));
    }

    private static Finding idle(Redirect redirect) {
        return finding(
                IDLE, redirect.id(), "Nobody has asked for " + redirect.from() + " in a year.", gone(redirect.from()));
    }

    private static Finding.Mend gone(String from) {
        return new Finding.Mend("Say that it is gone", RedirectCommand.sayGone(from));
    }

    private Set<String> idle(Workspace workspace, Edition working) {
        LeadingPast past = LeadingPast.of(workspace, lastAsked, clock.instant());
        return working.all(Redirect.class)
                .filter(past::isIdle)
                .map(Redirect::id)
                .collect(Collectors.toSet());
    }

    private static Finding finding(Survey.RuleInfo rule, String about, String says, Finding.Mend mend) {
        return new Finding(rule.key(), rule.severity(), about, says, rule.why(), List.of(mend), null);
    }
}
