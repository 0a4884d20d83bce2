package venue.core.body.element;

import java.util.List;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.link.Link;
import venue.core.body.scene.Scene;

/** Where else the site is found, as its facts have it: a name and an address on each line. */
public final class SocialLinks {

    private SocialLinks() {}

    public static boolean any(Scene scene) {
        return !links(scene).isEmpty();
    }

    public static void write(Scene scene, HtmlWriter out) {
        out.start("ul", "social");
        for (String[] link : links(scene)) {
            out.start("li").start("a").attr("href", link[1]).attr("rel", "me");
            out.text(link[0].isEmpty() ? link[1] : link[0]).end().end();
        }
        out.end();
    }

    private static List<String[]> links(Scene scene) {
        return scene.words()
                .fact("social")
                .orElse("")
                .lines()
                .map(String::strip)
                .map(l -> new String[] {l.replaceAll("\\s*\\S+$", ""), l.replaceAll("^.*\\s", "")})
                .filter(l -> Link.isAllowed(l[1]))
                .toList();
    }
}
