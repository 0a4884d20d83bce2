package venue.core.check.survey;

import java.util.Set;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.text.Letters;
import venue.core.change.edit.page.PageCommand;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.site.Site;
import venue.core.show.gathering.Topics;

/** Topics whose names are all but the same. */
final class TopicTwins extends DeclaredRule {

    private static final int SHORT = 3;

    TopicTwins() {
        super(
                "topic-twins",
                "Two topics, all but one name",
                Severity.SHOULD_FIX,
                "What belongs together is listed in two places.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        Edition edition = scope.edition();
        return scope.page(item)
                .filter(p -> isTopic(edition, p))
                .flatMap(p -> Topics.all(edition).stream()
                        .filter(t -> !t.id().equals(p.id()) && isTwin(p.title(), t.title()))
                        .limit(1)
                        .map(t -> finding(edition, p, t)));
    }

    private static boolean isTopic(Edition edition, Page page) {
        return edition.kindOf(page).filter(Kind::isOfTopics).isPresent();
    }

    /** The mend keeps the one that more pages name. */
    private Finding finding(Edition edition, Page topic, Page other) {
        int mine = Topics.count(edition, topic.id());
        int its = Topics.count(edition, other.id());
        boolean stays = mine > its || mine == its && topic.id().compareTo(other.id()) < 0;
        Page kept = stays ? topic : other;
        Page goes = stays ? other : topic;
        return Finding.of(
                this,
                topic.id(),
                "It is all but called like “" + other.title() + "”.",
                new Finding.Mend(
                        "Merge “" + goes.title() + "” into “" + kept.title() + "”",
                        PageCommand.mergeTopic(goes.id(), kept.id())));
    }

    /** Alike but for case, accents, hyphens and spaces, or but for one letter where the words are long enough. */
    static boolean isTwin(String one, String other) {
        String a = plain(one);
        String b = plain(other);
        return a.equals(b) || Math.min(a.length(), b.length()) > SHORT && isOneLetterOff(a, b);
    }

    private static String plain(String title) {
        return Letters.folded(title).replaceAll("[^\\p{L}\\p{N}]", "");
    }

    private static boolean isOneLetterOff(String a, String b) {
        int from = 0;
        int most = Math.min(a.length(), b.length());
        while (from < most && a.charAt(from) == b.charAt(from)) {
            from++;
        }
        String restA = a.substring(from);
        String restB = b.substring(from);
        return restA.length() - restB.length() == 1 && restA.substring(1).equals(restB)
                || restB.length() - restA.length() == 1 && restB.substring(1).equals(restA)
                || restA.length() == restB.length() && restA.substring(1).equals(restB.substring(1));
    }

    /** What a topic is called, and how many name it, may matter to every other. */
    @Override
    public Stream<String> touches(Scope before, Scope after, String changed) {
        boolean matters = Stream.of(before, after)
                .anyMatch(at -> at.edition()
                        .page(changed)
                        .filter(p -> isTopic(at.edition(), p)
                                || !Topics.of(at.edition(), p).isEmpty())
                        .isPresent());
        return matters ? Topics.all(after.edition()).stream().map(Page::id) : Stream.empty();
    }

    /** Which kinds are of topics is said there. */
    @Override
    public Set<Class<? extends Item>> readsEverywhere() {
        return Set.of(Site.class, Kind.class);
    }
}
