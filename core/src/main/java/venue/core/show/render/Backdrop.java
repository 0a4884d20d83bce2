package venue.core.show.render;

import java.util.List;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.body.element.Pictures;
import venue.core.body.scene.Props;
import venue.core.model.media.Media;
import venue.core.model.section.Section;

/** Writes the picture behind a section, or several that take turns: the first stands there without a script. */
final class Backdrop {

    private static final int STEP = 10;

    private final View view;
    private final PageScene scene;
    private final HtmlWriter out;

    Backdrop(View view, PageScene scene, HtmlWriter out) {
        this.view = view;
        this.scene = scene;
        this.out = out;
    }

    static boolean isPictured(Props settings) {
        return !pictures(settings).isEmpty();
    }

    static List<Media> pictures(Props settings) {
        return switch (settings.text("back")) {
            case "picture" -> settings.media("picture").stream().toList();
            case "turns" ->
                settings.groups("turns").stream()
                        .flatMap(g -> g.media("picture").stream())
                        .toList();
            default -> List.of();
        };
    }

    /** How much of the tone's ground lies over the picture, in percent, as the stylesheet has it: in tens. */
    static int veil(Props settings) {
        return STEP * Math.round((float) settings.number("veil") / STEP);
    }

    void write(Section section, Props settings) {
        List<Media> pictures = pictures(settings);
        boolean turns = pictures.size() > 1;
        if (!pictures.isEmpty()) {
            out.start("div", "back v" + veil(settings) / STEP + (turns ? " turns" : ""));
            pictures.forEach(m -> Pictures.write(scene, m, "", Pictures.EDGES, out));
            out.end();
        } else if (view.isMarked() && section.settings().get("picture") instanceof Value.ToFill) {
            out.start("div", "back");
            settings.write("picture", out);
            out.end();
        }
        if (turns) {
            scene.needs().needScript();
            turned(settings.number("turnsEvery"));
        }
    }

    /** What turns them by hand does nothing without a script, so it is shown by one. */
    private void turned(int seconds) {
        out.start("div", "turning").attr("data-every", seconds).attr("hidden");
        button("by-hand", Phrase.PICTURE_BEFORE, "←");
        button("by-hand", Phrase.PICTURE_AFTER, "→");
        button("stop", Phrase.STOP, "❚❚");
        button("go", Phrase.GO_ON, "▶");
        out.end();
    }

    private void button(String does, Phrase says, String sign) {
        out.start("button", does)
                .attr("type", "button")
                .attr("aria-label", scene.words().say(says));
        out.text(sign).end();
    }
}
