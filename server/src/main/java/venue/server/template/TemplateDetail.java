package venue.server.template;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.body.glyph.Glyph;
import venue.core.edition.usage.FieldUse;
import venue.core.model.property.Property;
import venue.server.page.PageDetail.ZoneDetail;

/**
 * A template as its screen shows it.
 *
 * @param zones its zones; all their sections, {@code TEMPLATE} for fixed and {@code STARTER} for starter sections
 */
record TemplateDetail(
        @JsonUnwrapped TemplateHead head,
        @JsonUnwrapped TemplateFrame frame,
        List<ZoneDetail> zones,
        @JsonUnwrapped TemplateWearers wearers) {

    /** @param revision the hash of its content, to be sent with commands */
    public record TemplateHead(String id, Hash revision, String name, String note, boolean retired) {}

    /** @param frame the values of its frame settings */
    public record TemplateFrame(
            Glyph glyph, Map<String, Value> frame, List<Property> frameSettings, List<FieldUse> options) {}

    /**
     * @param pages how many pages wear it
     * @param wearing the first of them
     */
    public record TemplateWearers(long pages, List<Wearer> wearing, List<KindUse> kinds) {}

    /** A page that wears it. */
    record Wearer(String id, String title, String address) {}

    /**
     * A kind of page and what it says of the template.
     */
    record KindUse(
            String id,
            String name,
            @JsonUnwrapped KindSays says,
            @JsonUnwrapped KindWearers wearers) {

        /**
         * @param wears the template its pages wear unless they choose
         * @param templates all that they may wear; absent for any
         */
        public record KindSays(
                boolean allowed,
                boolean usual,
                String wears,
                @Nullable List<String> templates) {}

        /**
         * @param following how many of its pages wear what the kind says
         * @param chosen how many have chosen a template of their own
         */
        public record KindWearers(long following, long chosen) {}
    }

    /**
     * How the copies of its starter sections stand to it.
     *
     * @param own sections on pages wearing it that come from nowhere, or from what is gone
     * @param waiting on how many pages a change of a starter section waits to be rolled out
     * @param lacking how many of those have not been offered a starter section yet
     * @param without how many pages go without one that they had or were offered
     */
    record Copies(int inStep, int behind, int adapted, int own, int waiting, int lacking, int without) {}
}
