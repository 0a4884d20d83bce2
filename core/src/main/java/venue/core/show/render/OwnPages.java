package venue.core.show.render;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jsoup.nodes.Entities;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.page.Page;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;
import venue.core.model.site.BoundPage;
import venue.core.model.site.Site;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;
import venue.core.model.template.ZoneRole;

/** Pages that a site has without anybody having written them: what is not there, is gone or closed, and those of the members. */
public final class OwnPages {

    /** No template of any site: what stands in it is in one of our own. */
    private static final String OURS = "";

    private OwnPages() {}

    /** What visitors get under an address that has no page; in the site's own look, and kept out of search. */
    public static Rendered notFound(View view) {
        return view.bound(BoundPage.NOT_FOUND)
                .map(page -> PageRenderer.document(
                        view, page, view.edition().worn(page).template(), false))
                .orElseGet(() -> notice(view, Phrase.NOT_FOUND, Phrase.NOT_FOUND_WORDS, ""));
    }

    /** What visitors get under the address of a page that was taken off. */
    public static Rendered gone(View view) {
        return notice(view, Phrase.GONE, Phrase.GONE_WORDS, "");
    }

    /** What somebody gets under the address of a page that is not for them, with whom to ask. */
    public static Rendered closed(View view) {
        return notice(
                view, Phrase.CLOSED, Phrase.CLOSED_WORDS, mail(view.edition().site()));
    }

    private static String mail(Site site) {
        String email = Entities.escape(Values.text(site.facts(), "email"));
        return email.isEmpty() ? "" : "<p><a href=\"mailto:" + email + "\">" + email + "</a></p>";
    }

    /** A page of the members' own in the state that a guest has come to: the site's page with that task, or a plain one. */
    public static Rendered forMembers(View view, BoundPage task) {
        Optional<Page> own = task.of(view.edition().site())
                .flatMap(view.edition()::page)
                .filter(p -> view.edition().plan().isShown(p.id()));
        return own.map(page -> PageRenderer.document(
                        view, page, view.edition().worn(page).template(), false))
                .orElseGet(() -> plain(
                        view,
                        title(task).in(view.edition().site().language()),
                        OURS,
                        new Element("e1", task.element(), Map.of())));
    }

    private static Rendered notice(View view, Phrase says, Phrase because, String more) {
        String language = view.edition().site().language();
        String title = says.in(language);
        String contents = view.bound(BoundPage.CONTENTS)
                .map(p -> "<p><a href=\"page:" + p.id() + "\">" + Entities.escape(p.title()) + "</a></p>")
                .orElse("");
        String words = "<p>" + because.in(language) + " <a href=\"/\">" + Phrase.BEGIN_AT_HOME.in(language) + "</a> "
                + Phrase.OR_FROM_MENU.in(language) + "</p>" + more + contents;
        return plain(view, title, Template.NOT_FOUND, new Element("e1", "text", Map.of("text", Value.of(words))));
    }

    private static Phrase title(BoundPage task) {
        return switch (task) {
            case JOIN -> Phrase.JOIN;
            case FORGOTTEN -> Phrase.NEW_PASSWORD;
            case CONFIRM -> Phrase.CONFIRM;
            case MY_PAGE -> Phrase.MY_PAGE;
            case LEAVE -> Phrase.LEAVE;
            case LETTERS -> Phrase.LETTERS;
            default -> Phrase.SIGN_IN;
        };
    }

    /** A page of our own that holds one element, in a template of the site where it is there. */
    private static Rendered plain(View view, String title, String template, Element text) {
        Section section = Section.empty("notice", title, List.of(12));
        Section filled = section.withColumns(List.of(section.columns().get(0).withElements(List.of(text))));
        Page stand = PageRenderer.stand(title, new Zones(Map.of("main", List.of(filled))));
        Template plain = new Template(
                "notice", title, "", Map.of(), List.of(new Zone("main", "Main", ZoneRole.MAIN, List.of())));
        return PageRenderer.document(
                view, stand, view.edition().find(Template.class, template).orElse(plain), false);
    }
}
