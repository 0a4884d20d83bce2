package venue.core.show.render;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.item.Hash;
import venue.core.basics.link.Link;
import venue.core.basics.link.Way;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.basics.value.Window;
import venue.core.model.site.Site;

/** Writes the notices that are due, as the look arranges several. */
final class Notices {

    private final View view;
    private final PageScene scene;
    private final HtmlWriter out;

    Notices(View view, PageScene scene, HtmlWriter out) {
        this.view = view;
        this.scene = scene;
        this.out = out;
    }

    void write() {
        String shape = scene.look().text("noticeShape");
        List<Map<String, Value>> due = due(view.edition().site()).stream()
                .limit(shape.equals("first") ? 1 : Long.MAX_VALUE)
                .toList();
        if (due.isEmpty()) {
            return;
        }
        boolean turns = shape.equals("turn") && due.size() > 1;
        out.start("aside", turns ? "notices turn" : "notices")
                .attr("aria-label", scene.words().say(Phrase.NOTICE));
        due.forEach(this::notice);
        if (turns) {
            button("stop").text(scene.words().say(Phrase.STOP)).end();
        }
        if (!view.isMarked() && (turns || due.stream().anyMatch(Notices::canBePutAway))) {
            out.start("script").attr("src", Head.NOTICES).end();
        }
        out.end();
    }

    private List<Map<String, Value>> due(Site site) {
        return site.facts().get("notices") instanceof Value.Many many
                ? many.groups().stream()
                        .filter(n -> !Values.text(n, "words").isBlank())
                        .filter(n -> isOn(new Window(Values.text(n, "from"), Values.text(n, "until"))))
                        .toList()
                : List.of();
    }

    private boolean isOn(Window window) {
        window.turns(view.localTime()).ifPresent(scene::lasts);
        return window.isOn(view.localTime().toString());
    }

    private static boolean canBePutAway(Map<String, Value> notice) {
        return !(notice.get("away") instanceof Value.Flag away) || away.yes();
    }

    private void notice(Map<String, Value> notice) {
        String words = Values.text(notice, "words");
        String tone = Values.text(notice, "tone");
        out.start("div", "notice t-" + (tone.isEmpty() ? "deep" : tone));
        if (canBePutAway(notice)) {
            out.attr("data-n", Hash.shortOf(words));
        }
        out.start("div", "in").start("p");
        Optional<Way> way = Link.find(Values.text(notice, "link")).flatMap(scene.links()::way);
        way.ifPresent(w -> out.start(w, ""));
        out.text(words);
        way.ifPresent(out::end);
        out.end();
        if (canBePutAway(notice)) {
            button("away")
                    .attr("aria-label", scene.words().say(Phrase.PUT_AWAY))
                    .text("×")
                    .end();
        }
        out.end().end();
    }

    /** It does nothing without a script, so it is shown by one. */
    private HtmlWriter button(String does) {
        return out.start("button", does).attr("type", "button").attr("hidden");
    }
}
