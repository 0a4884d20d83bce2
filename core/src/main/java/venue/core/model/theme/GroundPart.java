package venue.core.model.theme;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.number;
import static venue.core.model.property.Property.of;

import java.util.stream.Stream;
import venue.core.model.property.PictureSlot;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyGroup;
import venue.core.model.property.PropertyType;

/** The sheet that everything stands on, its lines, and how much moves. */
final class GroundPart implements Part {

    @Override
    public PropertyGroup declared() {
        return new PropertyGroup(
                "page", "Paper, lines, motion", Stream.concat(paper(), lines()).toList());
    }

    private static Stream<Property> paper() {
        return Stream.of(
                choice(
                        "pageFrame",
                        "The page",
                        "open=Fills the window",
                        "boxed=A sheet in the window's middle",
                        "edged=With a border around it"),
                of("pageAround", "Around the sheet", PropertyType.COLOUR)
                        .help("The tinted surface unless set.")
                        .onlyWhen("pageFrame=boxed"),
                number("pageEdge", "Border", 2, 24, 8, "px").onlyWhen("pageFrame=edged"),
                choice(
                                "pageTexture",
                                "Texture",
                                Stream.of(
                                                Stream.of("none=None"),
                                                Stream.of(Texture.choices()),
                                                Stream.of("tile=Of your own", "picture=A picture"))
                                        .flatMap(s -> s)
                                        .toArray(String[]::new))
                        .help("Behind sections in the plain tone, in the colour of lines."),
                of("pagePicture", "Picture of the page", PropertyType.PICTURE)
                        .onlyWhen("pageTexture=tile|picture")
                        .help("One of your own is repeated at 240 pixels; a picture fills the window and stands still.")
                        .wants(PictureSlot.decorating(1600, "")),
                number("textureStrength", "Strength of the texture", 10, 100, 50, "%")
                        .onlyWhen("pageTexture!=none"));
    }

    private static Stream<Property> lines() {
        return Stream.of(
                choice("lineKind", "Lines", "solid=Solid", "dotted=Dotted", "dashed=Dashed"),
                number("lineWeight", "Weight of lines", 1, 4, 1, "px"),
                choice(
                        "headOrnament",
                        "At headings of sections",
                        "none=Nothing",
                        "rule=A line above",
                        "bar=A short bar above",
                        "star=A star above"),
                choice("motion", "Motion", "lively=Lively", "slight=Slight", "off=Off")
                        .help("Visitors whose machine asks for less get none in any case."));
    }

    @Override
    public void write(Look look, Css root) {
        String around = look.text("pageAround");
        root.set("around", around.isEmpty() ? look.text("colourTint") : around);
        root.px("page-edge", look.number("pageEdge"));
        root.px("hair-weight", look.number("lineWeight"));
        root.set("hair", Css.whole(look.number("lineWeight")) + "px " + look.text("lineKind"));
    }

    @Override
    public String rules(Look look, Files files) {
        String texture = look.text("pageTexture");
        String behind = switch (texture) {
            case "none" -> "";
            case "tile" ->
                files.find(look.text("pagePicture"))
                        .map(m -> "position:absolute;background:url("
                                + m.path(m.widths().get(0)) + ") 0 0/240px")
                        .orElse("");
            case "picture" ->
                files.find(look.text("pagePicture"))
                        .map(m -> "position:fixed;background:url(" + m.path() + ") center/cover")
                        .orElse("");
            default -> "position:absolute;background:var(--plain-line);mask:url(" + Texture.path(texture) + ")";
        };
        return behind.isEmpty()
                ? ""
                : "body{position:relative;isolation:isolate}.s.t-plain:not(.own),.band.t-plain:not(.g){background:none}"
                        + "body::before{content:\"\";inset:0;z-index:-1;" + behind + ";opacity:"
                        + Css.decimal(look.number("textureStrength") / 100) + "}";
    }
}
