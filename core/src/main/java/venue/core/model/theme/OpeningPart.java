package venue.core.model.theme;

import static venue.core.model.property.Property.choice;

import java.util.List;
import venue.core.model.property.PropertyGroup;

/** How openings with a picture stand, and the headings of sections. */
final class OpeningPart implements Part {

    @Override
    public PropertyGroup declared() {
        return new PropertyGroup(
                "opening",
                "Openings and headings",
                List.of(
                        choice(
                                        "openingShape",
                                        "An opening with a picture",
                                        "over=Words over the picture",
                                        "framed=Words over a framed picture",
                                        "beneath=Picture beneath the words",
                                        "above=Picture above the words",
                                        "beside=Picture beside the words")
                                .help("A section with a heading of display size and a picture behind it."),
                        choice(
                                "headShape",
                                "Headings of sections",
                                "left=At the left, a link at the right",
                                "centred=Centred",
                                "column=In a column of their own")));
    }
}
