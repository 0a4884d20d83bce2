package venue.server.catalog;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import venue.core.body.glyph.Glyph;
import venue.core.edition.edition.Asks;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.template.Template;

/** A template: its glyph, how many pages wear it, and what it brings to a new page. */
record TemplateInfo(
        @JsonUnwrapped TemplateName named,
        Glyph glyph,
        long pages,
        @JsonUnwrapped TemplateBrings brings,
        Asks asks,
        @Nullable String shown) {

    /** @param purpose the key of what it is for, one of those that the catalog lists */
    public record TemplateName(String id, String name, String note, String purpose, boolean retired) {}

    public record TemplateBrings(int sections, long toFill) {}

    /** All of them, by name. */
    static List<TemplateInfo> all(Edition edition) {
        Map<String, List<Page>> wearing = edition.plan()
                .inOrder()
                .map(id -> edition.require(Page.class, id))
                .collect(Collectors.groupingBy(p -> edition.worn(p).template().id()));
        return edition.all(Template.class)
                .sorted(Comparator.comparing(Template::name))
                .map(t -> of(t, wearing.getOrDefault(t.id(), List.of())))
                .toList();
    }

    private static TemplateInfo of(Template template, List<Page> wearing) {
        return new TemplateInfo(
                new TemplateName(
                        template.id(),
                        template.name(),
                        template.note(),
                        template.purpose().key(),
                        template.retired()),
                Glyph.of(template),
                wearing.size(),
                new TemplateBrings(template.starters().size(), template.toFill()),
                Asks.of(template.starters()),
                wearing.stream().map(Page::id).findFirst().orElse(null));
    }
}
