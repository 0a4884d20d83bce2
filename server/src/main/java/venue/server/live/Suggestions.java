package venue.server.live;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import tools.jackson.databind.json.JsonMapper;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Words;
import venue.core.body.search.Found;
import venue.core.body.search.Sought;
import venue.core.model.page.Page;
import venue.core.show.render.Head;
import venue.core.show.render.View;

/** What a browser can ask of searching beside the page itself: how it is done (OpenSearch 1.1), and what begins like this. */
final class Suggestions {

    static final String PATH = "/-/suggest";
    private static final int MOST = 8;
    private static final int LONGEST_NAME = 16;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final View view;

    Suggestions(View view) {
        this.view = view;
    }

    /** The answer to a path; empty where it is none of these, or no page is named for searching. */
    Optional<Reply> at(String path, Map<String, String> query) {
        return switch (path) {
            case PATH -> Optional.of(suggest(query.getOrDefault(Found.WORDS, "")));
            case Head.OPEN_SEARCH -> view.searchPage().map(this::description);
            default -> Optional.empty();
        };
    }

    /** OpenSearch Suggestions 1.1: what was typed, titles, nothing about them, and where they are. */
    private Reply suggest(String typed) {
        List<Page> pages = view.searcher().titled(Sought.of(typed), 4 * MOST).stream()
                .flatMap(id -> view.edition().page(id).stream())
                .filter(view::shows)
                .limit(MOST)
                .toList();
        List<Object> told = List.of(
                typed,
                pages.stream().map(Page::title).toList(),
                List.of(),
                pages.stream().map(view::canonical).toList());
        return Reply.text("application/x-suggestions+json; charset=utf-8", JSON.writeValueAsString(told), Reply.ASK);
    }

    private Reply description(Page search) {
        String name = view.edition().site().name();
        HtmlWriter out = new HtmlWriter();
        out.start("OpenSearchDescription").attr("xmlns", "http://a9.com/-/spec/opensearch/1.1/");
        out.element("ShortName", Words.shorten(name, LONGEST_NAME));
        out.element("Description", name);
        out.element("InputEncoding", "UTF-8");
        url(out, "text/html", view.canonical(search));
        url(out, "application/x-suggestions+json", view.origin() + PATH);
        out.end();
        String xml = "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n" + out.html();
        return Reply.text("application/opensearchdescription+xml; charset=utf-8", xml, Reply.ASK);
    }

    private static void url(HtmlWriter out, String type, String address) {
        out.start("Url").attr("type", type);
        out.attr("template", address + "?" + Found.WORDS + "={searchTerms}").end();
    }
}
