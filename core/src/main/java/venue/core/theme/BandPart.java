package venue.core.theme;

import static venue.core.property.Property.choice;
import static venue.core.property.Property.number;
import static venue.core.property.Property.of;
import static venue.core.property.PropertyType.YES_NO;

import java.util.List;
import venue.core.property.PropertyGroup;
import venue.core.value.Value;

/** What stands above a page's sections: breadcrumb, title, and what is said beneath it. */
final class BandPart implements Part {

    @Override
    public PropertyGroup declared() {
        return new PropertyGroup(
                "band",
                "Title band",
                List.of(
                        choice("bandTone", "Tone", "deep=Deep", "plain=Plain", "tinted=Tinted", "accent=Accent"),
                        choice("bandHeight", "Height", "medium=Medium", "low=Low", "tall=Tall"),
                        choice("bandAlign", "Stands", "start=At the left", "centre=In the middle"),
                        number("bandSize", "Size of the title", 60, 140, 100, "%"),
                        of("breadcrumb", "Breadcrumb", YES_NO).fallback(Value.of(true)),
                        of("bandDate", "Date", YES_NO).fallback(Value.of(false)).help("Where the page's kind has one."),
                        of("bandSummary", "Summary", YES_NO)
                                .fallback(Value.of(false))
                                .help("Where the page's kind has one.")));
    }

    @Override
    public void write(Look look, Css root) {
        root.set(
                "band-space",
                switch (look.text("bandHeight")) {
                    case "low" -> "5";
                    case "tall" -> "16";
                    default -> "9";
                });
        root.set("band-size", Css.decimal(look.number("bandSize") / 100));
    }
}
