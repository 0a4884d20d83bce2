package venue.core.model.theme;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.number;

import java.util.List;
import venue.core.model.property.PropertyGroup;

/** Pictures, as far as the page does not say otherwise. */
final class PicturePart implements Part {

    @Override
    public PropertyGroup declared() {
        return new PropertyGroup(
                "pictures",
                "Pictures",
                List.of(
                        number("pictureRadius", "Corner radius", 0, 40, 0, "px"),
                        choice("pictureCrop", "In cards", "classic=4 : 3", "wide=16 : 9", "square=Square", "tall=3 : 4")
                                .help("All pictures of one listing are cut alike, about the point that matters."),
                        choice("pictureEdge", "Edge", "bare=None", "line=A line", "mat=A mat and a line"),
                        choice(
                                "captionPlace",
                                "Captions",
                                "beneath=Beneath",
                                "ruled=Beneath, after a line",
                                "over=Over the picture's foot",
                                "beside=Beside wide pictures")));
    }

    @Override
    public void write(Look look, Css root) {
        root.px("picture-radius", look.number("pictureRadius"));
        root.set(
                "card-ratio",
                switch (look.text("pictureCrop")) {
                    case "wide" -> "16/9";
                    case "square" -> "1";
                    case "tall" -> "3/4";
                    default -> "4/3";
                });
    }
}
