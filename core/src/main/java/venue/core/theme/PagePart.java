package venue.core.theme;

import static venue.core.property.Property.choice;
import static venue.core.property.Property.number;
import static venue.core.property.Property.of;

import java.util.List;
import java.util.stream.Stream;
import venue.core.property.PropertyGroup;
import venue.core.property.PropertyType;

/** The sheet that everything stands on, its lines, and how much moves. */
final class PagePart implements Part {

    @Override
    public PropertyGroup declared() {
        return new PropertyGroup(
                "page",
                "Paper, lines, motion",
                List.of(
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
                                        Stream.concat(Stream.of("none=None"), Stream.of(Texture.choices()))
                                                .toArray(String[]::new))
                                .help("Behind sections in the plain tone, in the colour of lines."),
                        number("textureStrength", "Strength of the texture", 10, 100, 50, "%")
                                .onlyWhen("pageTexture!=none"),
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
                                .help("Visitors whose machine asks for less get none in any case.")));
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
    public String rules(Look look) {
        String texture = look.text("pageTexture");
        if (texture.equals("none")) {
            return "";
        }
        return "body{position:relative;isolation:isolate}.s.t-plain:not(.own),.band.t-plain{background:none}"
                + "body::before{content:\"\";position:absolute;inset:0;z-index:-1;background:var(--plain-line);mask:url("
                + Texture.path(texture) + ");opacity:" + Css.decimal(look.number("textureStrength") / 100) + "}";
    }
}
