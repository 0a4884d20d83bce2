package venue.core.model.template;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.number;
import static venue.core.model.property.Property.of;
import static venue.core.model.property.PropertyType.YES_NO;

import java.util.List;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.model.kind.KindSettings;
import venue.core.model.part.PagePart;
import venue.core.model.property.Property;

/** The declared settings of a frame: what a template keeps around its zones. */
public final class FrameSettings {

    private static final List<Property> OWN = List.of(
            Purpose.declared(),
            of("header", "Header", YES_NO).fallback(Value.of(true)),
            of("notice", "Notice strip", YES_NO).fallback(Value.of(true)),
            choice("band", "Title band", "words=With words", "picture=With the page's picture", "none=None"),
            of("footer", "Footer", YES_NO).fallback(Value.of(true)),
            choice(
                            "sheet",
                            "The page stands",
                            "look=As the look has it",
                            "bare=Bare, at a distance from the window's edges",
                            "edges=Without a container, from edge to edge",
                            "boxed=On a sheet in the window's middle")
                    .help(
                            "Edge to edge its sections take the whole width; bare it has neither the look's border nor its sheet."),
            number("sheetEdge", "Distance from the edges", 0, 96, 24, "px").onlyWhen("sheet=bare"),
            KindSettings.MAY_HOLD);

    private static final List<Property> ALL =
            Stream.concat(OWN.stream(), PagePart.ofTemplates().stream()).toList();

    private FrameSettings() {}

    public static List<Property> all() {
        return ALL;
    }
}
