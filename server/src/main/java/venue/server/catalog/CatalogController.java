package venue.server.catalog;

import java.util.Arrays;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.body.element.Elements;
import venue.core.edition.edition.Edition;
import venue.core.model.form.FormSettings;
import venue.core.model.media.Media;
import venue.core.model.page.PageSettings;
import venue.core.model.pattern.PatternGroups;
import venue.core.model.section.ColumnSettings;
import venue.core.model.section.SectionSettings;
import venue.core.model.site.BoundPage;
import venue.core.model.site.Membership;
import venue.core.model.site.SiteFacts;
import venue.core.model.theme.Texture;
import venue.core.model.theme.Tone;
import venue.server.here.Here;
import venue.store.workspace.Standing;

/** What can be chosen from when pages are made and written. */
@RestController
@RequestMapping("/api/sites/{site}")
class CatalogController {

    private static final Map<String, String> TEXTURES =
            Arrays.stream(Texture.values()).collect(Collectors.toUnmodifiableMap(Texture::key, Texture::svg));

    @GetMapping("/catalog")
    Catalog catalog(Here here) {
        Standing standing = here.now();
        Edition edition = standing.working();
        return new Catalog(
                new Catalog.CatalogSections(
                        Elements.all().stream().map(ElementInfo::of).toList(),
                        PatternInfo.all(standing),
                        PatternGroups.of(edition.site(), edition.patterns()),
                        SharedInfo.all(standing)),
                new Catalog.CatalogSettings(SectionSettings.groups(), ColumnSettings.all(), PageSettings.all()),
                new Catalog.CatalogPages(
                        TemplateInfo.all(edition),
                        PurposeInfo.all(),
                        KindInfo.all(edition, here.role()),
                        ReadyKindInfo.all()),
                new Catalog.CatalogSite(
                        edition.menus().stream()
                                .map(m -> MenuInfo.of(edition, m))
                                .toList(),
                        edition.site().language(),
                        SiteFacts.told(),
                        SiteFacts.serving(),
                        BoundPage.all(),
                        edition.site().facts(),
                        edition.all(Media.class)
                                .flatMap(Media::folders)
                                .collect(Collectors.toCollection(TreeSet::new))),
                new Catalog.CatalogMembers(GroupInfo.all(edition), Membership.declared()),
                new Catalog.CatalogForms(
                        FormInfo.all(edition), FieldKindInfo.all(), FormSettings.all(), FormInfo.ready()),
                new Catalog.CatalogLook(
                        Tone.of(edition.theme()).stream().map(ToneInfo::of).toList(),
                        TypeInfo.of(edition.theme()),
                        TEXTURES));
    }
}
