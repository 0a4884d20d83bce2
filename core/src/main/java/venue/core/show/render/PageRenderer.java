package venue.core.show.render;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.body.element.Elements;
import venue.core.edition.edition.Everywhere;
import venue.core.edition.edition.Sides;
import venue.core.edition.edition.TitleBand;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.part.PagePart;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;
import venue.core.model.template.ZoneRole;

/** Writes one page of a view as an HTML document: the same for visitors, proofs and drawings of patterns. */
public final class PageRenderer {

    private static final String DOCTYPE = "<!doctype html>";

    private static final Set<String> RIGHT_TO_LEFT = Set.of("ar", "fa", "he", "ur", "yi");

    private PageRenderer() {}

    /** Whether lines of a language (BCP 47) begin at the right. */
    public static boolean isRightToLeft(String language) {
        return RIGHT_TO_LEFT.contains(Media.primary(language));
    }

    /** The page as visitors of this view get it, or as managers see it where the view is marked. */
    public static Rendered render(View view, Page page) {
        return document(view, page, view.edition().worn(page).template(), true);
    }

    /** The page as it would be in another template; nothing is changed. */
    public static Rendered renderIn(View view, Page page, Template template) {
        return document(view, page, template, true);
    }

    /** Sections alone in the site's look, without header and footer: for drawing patterns. */
    public static Rendered sections(View view, List<Section> sections) {
        return sections(view, stand("", new Zones(Map.of("main", sections))), sections);
    }

    /** Sections alone as they would be on a page. */
    public static Rendered sections(View view, Page stand, List<Section> sections) {
        HtmlWriter body = new HtmlWriter();
        body.start("body").start("main").attr("id", "main");
        PageScene scene = new PageScene(view, stand, true, List.of());
        SectionRenderer renderer = new SectionRenderer(view, scene, body);
        sections.forEach(renderer::write);
        body.end();
        close(view, body);
        return whole(view, stand, scene, false, body);
    }

    /** The head comes first and is written last: it holds the rules that the sections asked for. */
    private static Rendered whole(View view, Page page, PageScene scene, boolean findable, HtmlWriter body) {
        HtmlWriter out = new HtmlWriter();
        out.start("html");
        if (view.wrapping().htmlClass() != null) {
            out.attr("class", view.wrapping().htmlClass());
        }
        out.attr("lang", scene.words().language());
        if (isRightToLeft(scene.words().language())) {
            out.attr("dir", "rtl");
        }
        Head.write(view, page, findable, scene, out);
        out.append(body).end();
        return new Rendered(
                DOCTYPE + out.html(),
                scene.needs().rules().css(),
                scene.needs().frames(),
                scene.needs().tiles(),
                scene.needs().asks(),
                scene.gathered().listings().further(),
                scene.gathered().listings().fed(),
                scene.gathered().listings().ask() || scene.gathered().search().ask());
    }

    /**
     * What stands in the page's own zones, with what is fixed and shared there: neither what is around it nor what its sections gather
     * from elsewhere.
     */
    public static String own(View view, Page page) {
        Template template = view.edition().worn(page).template();
        boolean titled = TitleBand.of(view.edition(), page, template) != TitleBand.NONE;
        PageScene scene = new PageScene(view, page, titled, template.options());
        HtmlWriter out = new HtmlWriter();
        SectionRenderer sections = new SectionRenderer(view, scene, out);
        Sides.of(view.edition(), page, template).zones(template).stream()
                .flatMap(z -> sections.shown(z, page))
                .map(PageRenderer::own)
                .forEach(sections::write);
        return page.title() + "\n" + out.html() + "\n" + scene.needs().rules().css();
    }

    /** One element of a page alone, wherever it stands there, for who shows it within a page of theirs; empty where there is none of that id. */
    public static Optional<String> element(View view, Page page, String section, String element) {
        Template template = view.edition().worn(page).template();
        PageScene scene = new PageScene(view, page, true, template.options());
        HtmlWriter out = new HtmlWriter();
        SectionRenderer sections = new SectionRenderer(view, scene, out);
        Stream<Section> all = Stream.concat(
                Sides.of(view.edition(), page, template).zones(template).stream()
                        .flatMap(z -> sections.shown(z, page)),
                Everywhere.on(view.edition(), page));
        return all.filter(s -> s.id().equals(section) && sections.writeElement(s, element))
                .findFirst()
                .map(s -> out.html());
    }

    private static Section own(Section section) {
        return section.withColumns(section.columns().stream()
                .map(c -> c.withElements(c.elements().stream()
                        .filter(e -> Elements.is(e, k -> k.isOwn(e.props())))
                        .toList()))
                .toList());
    }

    private static void close(View view, HtmlWriter body) {
        if (view.wrapping().script() != null) {
            body.start("script").attr("src", view.wrapping().script()).end();
        }
        body.end();
    }

    static Page stand(String title, Zones zones) {
        return Page.of("stand", title, "stand", "none").withZones(zones);
    }

    static Rendered document(View view, Page page, Template template, boolean findable) {
        HtmlWriter out = new HtmlWriter();
        TitleBand band = TitleBand.of(view.edition(), page, template);
        PageScene scene = new PageScene(view, page, band != TitleBand.NONE, template.options());
        out.start("body", stands(template, scene));
        bar(view.wrapping().bar(), out);
        HtmlWriter main = main(view, page, template, band, scene);
        Shell shell = new Shell(view, scene, out);
        shell.top(template);
        out.append(main);
        if (template.shows("footer")) {
            shell.footer();
        }
        close(view, out);
        return whole(view, page, scene, findable, out);
    }

    private static void bar(Wrapping.@Nullable Bar bar, HtmlWriter out) {
        if (bar != null) {
            out.start("div", "venue-bar").attr("role", "note").element("span", bar.says());
            out.start("a").attr("href", bar.link()).text(bar.words()).end().end();
        }
    }

    /** The content comes after the header and is written before it: the header follows what it lies over. */
    private static HtmlWriter main(View view, Page page, Template template, TitleBand band, PageScene scene) {
        PageParts parts = new PageParts(view, page, template, scene);
        HtmlWriter out = new HtmlWriter();
        out.start("main").attr("id", "main");
        if (band != TitleBand.NONE) {
            new Band(view, page, scene, parts, out).write(band);
        }
        zones(view, page, template, scene, parts, out);
        return out.end();
    }

    /** The class by which a page stands in the window otherwise than the look has it. */
    private static String stands(Template template, PageScene scene) {
        return switch (template.sheet()) {
            case "look" -> "";
            case "bare" -> "fr-bare " + scene.needs().rules().rule("", "--bare:" + template.sheetEdge() + "px");
            default -> "fr-" + template.sheet();
        };
    }

    private static void zones(
            View view, Page page, Template template, PageScene scene, PageParts parts, HtmlWriter out) {
        SectionRenderer sections = new SectionRenderer(view, scene, out);
        Sides sides = Sides.of(view.edition(), page, template);
        outline(sides, template, page, scene, parts, sections);
        titleUnseen(sides, template, page, scene, sections, out);
        write(template.zones(ZoneRole.TOP), page, sections);
        // What leads around stands on the left, unless the page has a column on the right alone.
        boolean onRight = sides.right() && !sides.left();
        Column left = new Column(
                "left", sides.left(), sides.in(template, ZoneRole.LEFT), onRight ? List.of() : parts.beside());
        Column right = new Column(
                "right", sides.right(), sides.in(template, ZoneRole.RIGHT), onRight ? parts.beside() : List.of());
        if (left.holds(page, sections) || right.holds(page, sections)) {
            scene.beginning.plainly();
            HtmlWriter onLeft = left.written(scene.words().say(Phrase.LEFT_COLUMN), page, view, scene);
            HtmlWriter main = new HtmlWriter();
            write(template.zones(ZoneRole.MAIN), page, new SectionRenderer(view, scene, main));
            beside(onLeft, main, right.written(scene.words().say(Phrase.SIDE_COLUMN), page, view, scene), out);
        } else {
            write(template.zones(ZoneRole.MAIN), page, sections);
        }
        parts.after().forEach(sections::write);
        write(template.zones(ZoneRole.FOOT), page, sections);
        // A frame without a footer is the page's alone.
        if (template.shows("footer")) {
            sections.everywhere("above").forEach(sections::write);
        }
    }

    /** The content between its columns. A column that managers alone see takes no room beside it: it stands beneath. */
    private static void beside(HtmlWriter left, HtmlWriter main, HtmlWriter right, HtmlWriter out) {
        boolean hasLeft = isSeen(left);
        boolean hasRight = isSeen(right);
        if (hasLeft || hasRight) {
            out.start("div", "page" + (hasLeft ? " has-left" : "") + (hasRight ? " has-right" : ""));
            Stream.of(left).filter(c -> hasLeft).forEach(out::append);
            out.start("div", "main").append(main).end();
            Stream.of(right).filter(c -> hasRight).forEach(out::append);
            out.end();
        } else {
            out.append(main);
        }
        Stream.of(left, right).filter(HtmlWriter::isUnseen).forEach(out::append);
    }

    private static boolean isSeen(HtmlWriter column) {
        return !column.html().isEmpty() && !column.isUnseen();
    }

    /** The headings in the order in which they will be written, where some element lists them. */
    private static void outline(
            Sides sides, Template template, Page page, PageScene scene, PageParts parts, SectionRenderer sections) {
        List<Section> all = sides.zones(template).stream()
                .flatMap(z -> sections.shown(z, page))
                .toList();
        if (parts.shows(PagePart.CONTENTS) || all.stream().anyMatch(sections::listsHeadings)) {
            scene.needs().outline(all.stream().flatMap(sections::headings).toList());
        }
    }

    /** A frame without title band leaves the h1 to the first heading; where there is none, the title stands unseen. */
    private static void titleUnseen(
            Sides sides, Template template, Page page, PageScene scene, SectionRenderer sections, HtmlWriter out) {
        boolean headed = scene.headings().isTitled()
                || sides.zones(template).stream()
                        .flatMap(z -> sections.shown(z, page))
                        .anyMatch(sections::leadsWithHeading);
        if (!headed) {
            scene.beginning.plainly();
            out.start("h1", "unseen").text(page.title()).end();
            sections.markTitled();
        }
    }

    /**
     * What stands beside the content: parts of the page, the template's zones there, then the sections of every page that stand
     * there.
     */
    private record Column(String side, boolean wanted, List<Zone> zones, List<Section> parts) {

        private Stream<Section> all(Page page, SectionRenderer sections) {
            Stream<Section> written = Stream.concat(
                    zones.stream().flatMap(z -> sections.shown(z, page)), sections.everywhere(side).stream());
            return Stream.concat(parts.stream(), wanted ? written : Stream.empty());
        }

        boolean holds(Page page, SectionRenderer sections) {
            return all(page, sections).anyMatch(sections::hasSomething);
        }

        HtmlWriter written(String label, Page page, View view, PageScene scene) {
            HtmlWriter out = new HtmlWriter();
            SectionRenderer sections = new SectionRenderer(view, scene, out);
            if (holds(page, sections)) {
                out.start("aside", "side").attr("aria-label", label);
                all(page, sections).forEach(sections::write);
                out.end();
            }
            return out;
        }
    }

    private static void write(List<Zone> zones, Page page, SectionRenderer sections) {
        zones.forEach(z -> sections.shown(z, page).forEach(sections::write));
    }
}
