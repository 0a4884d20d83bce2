package venue.core.check.survey;

import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;

/** Links whose words say nothing of where they lead. */
final class LinkSaysNothing extends ContentRule {

    /** In the languages in which the site’s own words are. */
    private static final Set<String> NOTHING = Set.of(
            "here",
            "click here",
            "click",
            "link",
            "this",
            "this link",
            "more",
            "read more",
            "learn more",
            "page",
            "hier",
            "klicken sie hier",
            "mehr",
            "weiterlesen",
            "ici",
            "cliquez ici",
            "plus",
            "en savoir plus",
            "aquí",
            "haga clic aquí",
            "más",
            "leer más",
            "qui",
            "clicca qui",
            "di più",
            "leggi di più",
            "tutaj",
            "więcej",
            "هنا",
            "اضغط هنا",
            "المزيد",
            "اقرأ المزيد");

    LinkSaysNothing() {
        super(
                "link-says-nothing",
                "Link whose words say nothing",
                Severity.SHOULD_FIX,
                "Who goes from link to link hears “here” and doesn’t know where (WCAG 2.2, 2.4.4).");
    }

    @Override
    Stream<Finding> find(At at) {
        return rich(at.element(), "<a").stream()
                .flatMap(text -> text.select("a").stream())
                .map(a -> a.text().strip())
                .filter(words -> saysNothing(words.toLowerCase(Locale.ROOT)
                        .replaceAll("[.…!→»>:]+$", "")
                        .strip()))
                .distinct()
                .map(words -> at.finding(
                        this, words.isEmpty() ? "A link has no words." : "A link says “" + words + "” alone."));
    }

    private static boolean saysNothing(String words) {
        return words.isEmpty() || NOTHING.contains(words) || words.matches("https?://\\S+");
    }
}
