package venue.core.change.edit.kind;

import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.change.edit.Command;
import venue.core.model.kind.Placement;
import venue.core.model.property.Property;

/** What is done to kinds of pages. */
public sealed interface KindCommand extends Command
        permits MakeKind, DescribeKind, SetFields, PlaceKind, RetireKind, SetKindTemplates, AllowTemplate {
    static KindCommand makeKind(String id, String name, @Nullable String from) {
        return new MakeKind(id, name, from);
    }

    static KindCommand describeKind(String kind, String name, String note) {
        return new DescribeKind(kind, name, note);
    }

    static KindCommand setFields(String kind, List<Property> fields) {
        return new SetFields(kind, fields);
    }

    static KindCommand placeKind(String kind, Placement beneath) {
        return new PlaceKind(kind, beneath);
    }

    static KindCommand retireKind(String kind, boolean retired) {
        return new RetireKind(kind, retired);
    }

    static KindCommand allowTemplate(String kind, String template, boolean may) {
        return new AllowTemplate(kind, template, may);
    }

    static KindCommand setKindTemplates(String kind, @Nullable String template, @Nullable List<String> allowed) {
        return new SetKindTemplates(kind, template, allowed);
    }
}
