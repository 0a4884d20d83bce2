package venue.core.model.theme;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.number;
import static venue.core.model.property.Property.of;
import static venue.core.model.property.PropertyType.PICTURE;
import static venue.core.model.property.PropertyType.YES_NO;

import java.util.List;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.model.property.PictureSlot;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyGroup;

/** What stands above a page's sections: breadcrumb, title, and what is said beneath it. */
final class BandPart implements Part {

    private static final Lettering TITLE = new Lettering("band", ".band h1", "the title", false);

    @Override
    public PropertyGroup declared() {
        return new PropertyGroup(
                "band",
                "Title band",
                Stream.of(ground(), stand(), TITLE.declared(), beneath())
                        .flatMap(List::stream)
                        .toList());
    }

    private static List<Property> ground() {
        return List.of(
                choice("bandTone", "Tone", Tone.choices("deep")),
                choice(
                        "bandBack",
                        "Background",
                        "none=The tone's own",
                        "gradient=Gradient",
                        "texture=Texture",
                        "tile=Texture of your own",
                        "picture=Picture"),
                choice("bandTexture", "Texture", Texture.choices()).onlyWhen("bandBack=texture"),
                of("bandPicture", "Picture", PICTURE)
                        .onlyWhen("bandBack=picture|tile")
                        .help("A texture of your own is repeated at 240 pixels.")
                        .wants(PictureSlot.decorating(1600, "")),
                number("bandVeil", "Veil over the picture", 0, 90, 50, "%")
                        .onlyWhen("bandBack=picture")
                        .help("How much of the tone's colour lies over the picture."));
    }

    private static List<Property> stand() {
        return List.of(
                choice("bandHeight", "Height", "medium=Medium", "low=Low", "tall=Tall"),
                choice("bandAlign", "Stands", "start=At the left", "centre=In the middle"));
    }

    private static List<Property> beneath() {
        return List.of(
                of("breadcrumb", "Breadcrumb", YES_NO).fallback(Value.of(true)),
                of("bandDate", "Date", YES_NO).fallback(Value.of(false)).help("Where the page's kind has one."),
                of("bandPerson", "Person", YES_NO)
                        .fallback(Value.of(false))
                        .help("Where the page's kind has a field “person”."),
                of("bandSummary", "Summary", YES_NO).fallback(Value.of(false)).help("Where the page's kind has one."));
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
        root.set("band-veil", Css.decimal(look.number("bandVeil") / 100));
        TITLE.write(look, root);
    }

    @Override
    public String rules(Look look, Files files) {
        String texture = look.text("bandTexture");
        return TITLE.rules(look)
                + (look.text("bandBack").equals("texture")
                        ? ".tx-" + texture + "{" + Texture.declared(texture) + "}"
                        : "");
    }
}
