package venue.core.model.theme;

import venue.core.basics.html.HtmlWriter;
import venue.core.basics.item.Hash;

/**
 * The small sign of a site on browser tabs: its initial on the look's deep colour, as SVG 1.1.
 *
 * @param path where it is served
 */
public record SiteMark(String path, String svg) {

    private static final int HASH_LETTERS = 16;

    /** The mark of a site called {@code name}, in a look. */
    public static SiteMark of(String name, Look look) {
        Colour ground = look.colour("colourDeep");
        String initial =
                name.isBlank() ? "·" : name.strip().substring(0, name.strip().offsetByCodePoints(0, 1));
        HtmlWriter out = new HtmlWriter();
        out.start("svg").attr("xmlns", "http://www.w3.org/2000/svg").attr("viewBox", "0 0 32 32");
        out.start("rect")
                .attr("width", "32")
                .attr("height", "32")
                .attr("rx", "5")
                .attr("fill", ground.hex())
                .end();
        out.start("text")
                .attr("x", "16")
                .attr("y", "23")
                .attr("text-anchor", "middle")
                .attr("font-family", "Georgia, serif")
                .attr("font-weight", "600")
                .attr("font-size", "20")
                .attr("fill", ground.luminance() < 0.3 ? "#FFFFFF" : "#000000");
        out.text(initial).end();
        out.end();
        String svg = out.html();
        String hash = Hash.over(svg).first(HASH_LETTERS);
        return new SiteMark("/-/mark/" + hash + ".svg", svg);
    }
}
