package venue.core.check.survey;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.FormUse;
import venue.core.model.form.Form;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;

/** What does not agree about comments. */
public final class CommentFindings {

    private static final Survey.RuleInfo NOWHERE = new Survey.RuleInfo(
            "comments-nowhere",
            "Comments that no page shows",
            Severity.SHOULD_FIX,
            "Visitors find no place to say anything: it is where the element Comments stands, in a template or on a page.");
    private static final Survey.RuleInfo WORDLESS = new Survey.RuleInfo(
            "comments-wordless",
            "Form for comments without its words",
            Severity.SHOULD_FIX,
            "Others would read nothing: choose a field of several lines that the form has.");

    /** All that is looked for. */
    public static final List<Survey.RuleInfo> RULES = List.of(NOWHERE, WORDLESS);

    private CommentFindings() {}

    /** What is found: of kinds first. */
    public static List<Finding> in(Edition edition) {
        return edition.kept("what is found of comments", () -> {
            List<Form> forms = edition.all(Form.class)
                    .filter(f -> !f.retired() && f.commentField().isPresent())
                    .sorted(Comparator.comparing(Form::name))
                    .toList();
            return Stream.concat(kinds(edition, forms), forms.stream().flatMap(CommentFindings::form))
                    .toList();
        });
    }

    private static Stream<Finding> kinds(Edition edition, List<Form> forms) {
        List<Kind> commented = edition.all(Kind.class)
                .filter(k -> !k.comments().equals("none") && !k.retired())
                .sorted(Comparator.comparing(Kind::name))
                .toList();
        if (commented.isEmpty()) {
            return Stream.empty();
        }
        Set<String> shown = forms.stream()
                .flatMap(f -> FormUse.pages(edition, f.id()).stream())
                .flatMap(id -> edition.page(id).map(Page::kind).stream())
                .collect(Collectors.toSet());
        return commented.stream()
                .filter(k -> !shown.contains(k.id())
                        && !edition.plan().ofKind(k.id()).isEmpty())
                .map(k -> found(NOWHERE, k.id(), "Takes comments, and none of its pages shows them."));
    }

    private static Stream<Finding> form(Form form) {
        boolean written = form.commentField()
                .flatMap(form::field)
                .filter(f -> f.type().equals("lines"))
                .isPresent();
        return written
                ? Stream.empty()
                : Stream.of(found(WORDLESS, form.id(), "Says that others read a field which it doesn’t have."));
    }

    private static Finding found(Survey.RuleInfo rule, String item, String says) {
        return new Finding(rule.key(), rule.severity(), item, says, rule.why(), List.of(), null);
    }
}
