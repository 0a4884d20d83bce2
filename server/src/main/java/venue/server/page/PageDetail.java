package venue.server.page;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.body.element.LeftOut;
import venue.core.check.survey.Finding;
import venue.core.edition.edition.FramePart;
import venue.core.edition.edition.Lineage;
import venue.core.edition.edition.PageFacts;
import venue.core.edition.edition.PageState;
import venue.core.edition.edition.Sides;
import venue.core.edition.edition.Worn;
import venue.core.live.appearing.Appearing;
import venue.core.model.property.Property;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.template.ZoneRole;
import venue.core.show.legibility.Legibility;
import venue.server.plan.GateTold;

/**
 * A page as its screen shows it.
 */
public record PageDetail(
        @JsonUnwrapped PageHead head,
        @JsonUnwrapped PageStands stands,
        PageGate gate,
        @JsonUnwrapped PageWears wears,
        @JsonUnwrapped PageWritten written,
        @JsonUnwrapped PageSections sections,
        @JsonUnwrapped PageAround around) {

    /**
     * What it is.
     *
     * @param revision the hash of its content, to be sent with commands
     */
    public record PageHead(
            String id,
            Hash revision,
            String title,
            String segment,
            @Nullable String parent,
            String kind,
            String kindName) {}

    /**
     * How it stands to visitors.
     *
     * @param address where it will be served once released
     */
    public record PageStands(
            String address,
            String liveAddress,
            boolean home,
            PageState state,
            boolean withdrawn,
            @Nullable LastChange lastChange,
            int release) {}

    /**
     * Who may see it, and how far what it says of that reaches.
     *
     * @param beneath how many pages stand beneath it
     * @param otherwise how many of those say otherwise, or stand beneath one that does
     */
    public record PageGate(GateTold told, int beneath, int otherwise) {}

    /**
     * What it wears and what may be done with it.
     *
     * @param wornBecause {@code CHOSEN}, {@code KIND} or {@code FALLBACK}
     * @param options what its template leaves to it to set; their values are among the settings
     * @param changeable whether whoever asks may change it
     * @param holds absent where anything may stand beneath it
     */
    public record PageWears(
            String template,
            Worn.Source wornBecause,
            List<Property> options,
            boolean changeable,
            @Nullable HoldsWords holds) {}

    /** The page's own settings, beside its sections. */
    public record PageWritten(
            String searchTitle,
            String description,
            Map<String, Value> fields,
            List<Property> fieldList,
            Map<String, Value> settings) {}

    /**
     * What stands on it.
     *
     * @param everywhere those sections of every page that visitors see on it
     * @param lacks which of header, title band and footer visitors don't get around it
     * @param unseenSides columns beside its content that visitors don't see
     */
    public record PageSections(
            List<ZoneDetail> zones,
            List<PlacedSection> everywhere,
            List<FramePart> lacks,
            Sides.Unseen unseenSides,
            List<Section> shelf,
            List<PageFacts.ToFill> toFill) {}

    /**
     * What leads to it, where it leads, and what the survey says of it.
     *
     * @param places every place in which it appears or doesn't, with the reason
     * @param linksTo the pages to which its words link
     * @param linksOut how many links its words have in all
     * @param released when what stands on it last changed for visitors, ISO 8601; absent where they don't have it
     */
    public record PageAround(
            List<MenuPlace> menus,
            List<Appearing.Place> places,
            List<LinkFrom> linksIn,
            List<LinkFrom> linksTo,
            int linksOut,
            @Nullable String released,
            List<Finding> findings) {}

    /**
     * What may stand beneath the page.
     *
     * @param kinds ids of the kinds that may; none for nothing
     * @param own whether the page says so itself
     * @param by what says so: the page, its template or its kind
     * @param type what that is, in a word
     */
    public record HoldsWords(List<String> kinds, boolean own, String by, String type) {}

    /**
     * A zone with its sections in order: those that the template fixes, then the page's.
     *
     * @param role where it stands: a column may stand at the other side on a page
     * @param accepts the kinds of element it takes; none named means all
     */
    public record ZoneDetail(
            String key,
            String name,
            ZoneRole role,
            List<String> accepts,
            List<PlacedSection> fixed,
            List<PlacedSection> sections) {}

    /**
     * A section as it shows on the page.
     *
     * @param section what shows, under the id by which the page knows it
     * @param reach how far it reaches, as its screen tells it
     * @param leftOut its elements that visitors don't see, by id: nothing is written or chosen in them
     */
    public record PlacedSection(
            Section section,
            Reaching reach,
            @JsonUnwrapped WrittenAt at,
            @JsonUnwrapped SectionLineage lineage,
            @Nullable Legibility hardToRead,
            List<String> leftOut) {

        /**
         * Where it is written.
         *
         * @param item where it is written: the page, its template or the shared section
         * @param inner its id there
         * @param revision the hash of that item's content
         * @param pages on how many pages it shows
         */
        public record WrittenAt(String item, String inner, Hash revision, long pages) {}

        /** How it stands to what it was copied from. */
        public record SectionLineage(
                Lineage lineage, @Nullable String originName) {}

        /** The ids of a section's elements that visitors don't see. */
        public static List<String> leftOut(Section section) {
            return LeftOut.of(section).stream().map(Element::id).toList();
        }
    }

    /** How far a section reaches; a template's screen tells those that it fixes from those it copies into new pages, a pattern's knows but its own. */
    public enum Reaching {
        HERE,
        SHARED,
        TEMPLATE,
        STARTER,
        PATTERN,
        EVERYWHERE
    }

    /**
     * A menu, and whether the page stands in it.
     *
     * @param there whether it has a line of its own
     * @param follows whether it stands there by itself, because the line above it follows its branch
     * @param above the line it stands beneath, or empty
     */
    public record MenuPlace(String menu, String name, boolean there, boolean follows, String above) {}

    /** A page or menu that leads here. */
    public record LinkFrom(String id, String name) {}

    /** The last change: who, when (ISO 8601), what. */
    public record LastChange(String who, String at, String name) {}
}
