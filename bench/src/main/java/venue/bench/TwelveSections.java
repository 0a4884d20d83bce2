package venue.bench;

import static venue.core.carry.compose.Compose.button;
import static venue.core.carry.compose.Compose.column;
import static venue.core.carry.compose.Compose.columns;
import static venue.core.carry.compose.Compose.heading;
import static venue.core.carry.compose.Compose.text;
import static venue.core.carry.compose.Compose.toned;

import freemarker.core.HTMLOutputFormat;
import freemarker.template.Configuration;
import freemarker.template.Template;
import freemarker.template.TemplateException;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;
import venue.core.model.site.Site;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;
import venue.demo.KestrelMoor;

/** A page of twelve sections in the demo site, written by our renderer and by FreeMarker from the same data. */
public final class TwelveSections {

    private static final String ORIGIN = "http://kestrel-moor.localhost";

    private final View view;
    private final Page page;
    private final Template template;
    private final Map<String, Object> data;

    public TwelveSections() {
        List<Item> items = KestrelMoor.items(LocalDate.of(2026, 11, 23));
        page = page();
        Edition demo = Edition.of(items);
        // Twelve sections, and none that stands on every page beside them; no basket either.
        Site bare = demo.site().withFoot(List.of()).with("basket", Value.of("none"));
        Edition edition = demo.with(List.of(page, bare), List.of());
        view = View.of(edition, Instant.parse("2026-11-23T12:00:00Z"), ORIGIN, View.Mode.VISITOR);
        template = template();
        data = data();
    }

    /** Our renderer. */
    public String ours() {
        return PageRenderer.render(view, page).html();
    }

    /** FreeMarker, given the same items; what has to be worked out it asks of {@link Help}. */
    public String freeMarker() {
        StringWriter out = new StringWriter(16_384);
        try {
            template.process(data, out);
        } catch (TemplateException e) {
            throw new IllegalStateException(e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static Page page() {
        List<Section> sections = new ArrayList<>();
        for (int i = 1; i <= 12; i++) {
            Section section = columns(
                    "s" + i,
                    "Section " + i,
                    column(6, heading("Section " + i + " & its sky"), text(words(i, "page:visit"))),
                    column(6, text(words(i + 100, "page:tonight")), button(Value.of("Read on " + i), "page:news")));
            sections.add(i % 3 == 0 ? toned("tinted", section) : section);
        }
        Zones zones = new Zones(Map.of("main", sections));
        return Page.of("twelve", "Twelve sections", "twelve-sections", "standard")
                .withPlace("visit", 1L << 40)
                .wearing("plain")
                .withZones(zones)
                .withFields(Map.of("summary", Value.of("A long page")));
    }

    private static String words(int i, String link) {
        return "<p>The moor is colder than you think, and paragraph " + i
                + " says so <strong>twice</strong>.</p><p>Bring a" + " red torch, or <a href=\"" + link
                + "\">read on</a>; it is <em>dark</em> up here.</p>";
    }

    private static Template template() {
        Configuration configuration = new Configuration(Configuration.VERSION_2_3_34);
        configuration.setClassForTemplateLoading(TwelveSections.class, "");
        configuration.setOutputFormat(HTMLOutputFormat.INSTANCE);
        configuration.setDefaultEncoding("UTF-8");
        try {
            return configuration.getTemplate("page.ftlh");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Map<String, Object> data() {
        return Map.of("view", view, "page", page, "help", new Help(view, page));
    }
}
