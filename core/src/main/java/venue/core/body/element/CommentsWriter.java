package venue.core.body.element;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.body.form.FormNames;
import venue.core.body.form.Sending;
import venue.core.body.scene.Scene;
import venue.core.body.trace.Comment;
import venue.core.model.form.Form;

/** Writes what was said on a page: one after the other with the answers to each, and the form beneath. */
final class CommentsWriter {

    private final Scene scene;
    private final Form form;
    private final int most;
    private final HtmlWriter out;
    private final List<Comment> all;
    private final boolean open;

    CommentsWriter(Scene scene, Form form, int most, HtmlWriter out) {
        this.scene = scene;
        this.form = form;
        this.most = most;
        this.out = out;
        all = scene.traces().comments();
        open = scene.forms().isHere() && scene.traces().rule().takes();
    }

    private String say(Phrase phrase) {
        return scene.words().say(phrase);
    }

    void write(String order) {
        scene.traces().written();
        int many = scene.traces().comments(scene.page());
        out.start("div", "comments").attr("id", "comments");
        out.start("p", "how-many")
                .text(many == 0 ? say(Phrase.COMMENT_NONE) : TraceWords.said(scene, many))
                .end();
        List<Thread> threads = threads();
        if (order.equals("newest")) {
            Collections.reverse(threads);
        }
        list(threads.subList(0, Math.min(most, threads.size())));
        if (threads.size() > most) {
            out.start("details").start("summary");
            out.text(say(Phrase.COMMENT_FURTHER).replace("{0}", String.valueOf(threads.size() - most)))
                    .end();
            list(threads.subList(most, threads.size()));
            out.end();
        }
        if (many > all.size()) {
            out.start("p", "gone").text(say(Phrase.COMMENT_OLDER).replace("{0}", String.valueOf(many - all.size())));
            out.end();
        }
        if (open) {
            asking();
        } else if (scene.forms().isHere()) {
            out.element("p", say(Phrase.COMMENT_CLOSED));
        }
        out.end();
    }

    /** @param first absent where it was taken away, and answers to it stand */
    private record Thread(@Nullable Comment first, List<Comment> answers) {}

    /** In the order in which they began. */
    private List<Thread> threads() {
        Map<String, @Nullable Comment> firsts = new LinkedHashMap<>();
        Map<String, List<Comment>> answers = new LinkedHashMap<>();
        for (Comment comment : all) {
            String of = comment.to().isEmpty() ? comment.id() : comment.to();
            firsts.putIfAbsent(of, null);
            List<Comment> to = answers.computeIfAbsent(of, o -> new ArrayList<>());
            if (comment.to().isEmpty()) {
                firsts.put(of, comment);
            } else {
                to.add(comment);
            }
        }
        List<Thread> threads = new ArrayList<>();
        firsts.forEach((id, first) -> threads.add(new Thread(first, answers.getOrDefault(id, List.of()))));
        return threads;
    }

    private void list(List<Thread> threads) {
        if (threads.isEmpty()) {
            return;
        }
        out.start("ol", "said");
        for (Thread thread : threads) {
            out.start("li");
            if (thread.first() == null) {
                out.start("p", "gone").text(say(Phrase.COMMENT_TAKEN)).end();
            } else {
                one(thread.first(), true);
            }
            if (!thread.answers().isEmpty()) {
                out.start("ol", "said");
                thread.answers().forEach(answer -> {
                    out.start("li");
                    one(answer, false);
                    out.end();
                });
                out.end();
            }
            out.end();
        }
        out.end();
    }

    private void one(Comment comment, boolean answered) {
        out.start("article").attr("id", anchor(comment.id()));
        by(scene, comment, "#" + anchor(comment.id()), out);
        PlainWords.write(comment.words(), out);
        if (open) {
            out.start("div", "ways");
            if (answered) {
                out.start("a")
                        .attr(
                                "href",
                                scene.forms().action() + "?" + FormNames.TO + "=" + comment.id() + "#"
                                        + FormNames.anchor(form.id()))
                        .attr("rel", "nofollow")
                        .attr("aria-label", say(Phrase.COMMENT_ANSWERS).replace("{0}", name(scene, comment)));
                out.text(say(Phrase.COMMENT_ANSWER)).end();
            }
            report(comment);
            out.end();
        }
        out.end();
    }

    /** Two presses: one is made by mistake. */
    private void report(Comment comment) {
        out.start("details").start("summary").text(say(Phrase.COMMENT_REPORT)).end();
        out.start("form")
                .attr("method", "post")
                .attr("action", scene.forms().action() + "#" + FormNames.anchor(form.id()));
        hidden(FormNames.FORM, form.id());
        hidden(FormNames.REPORT, comment.id());
        out.start("button", "button").attr("type", "submit");
        out.text(say(Phrase.COMMENT_REPORT_WORDS)).end().end().end();
    }

    private void hidden(String name, String value) {
        out.empty("input").attr("type", "hidden").attr("name", name).attr("value", value);
    }

    private void asking() {
        Sending sending = scene.forms().sending(form.id());
        String to = typed(sending, FormNames.TO);
        String own = scene.forms().action() + "#" + FormNames.anchor(form.id());
        if (!typed(sending, FormNames.CHANGE).isEmpty()) {
            out.start("p", "meant").text(say(Phrase.COMMENT_CHANGING)).end();
        } else if (!to.isEmpty()) {
            out.start("p", "meant");
            all.stream()
                    .filter(c -> c.id().equals(to))
                    .forEach(c -> out.text(say(Phrase.COMMENT_ANSWERS).replace("{0}", name(scene, c)) + " "));
            out.start("a").attr("href", own).text(say(Phrase.COMMENT_TO_ALL)).end();
            out.end();
        }
        new FormWriter(scene, form, out).write();
    }

    private static String typed(Sending sending, String name) {
        return sending.typed().getOrDefault(name, List.of()).stream()
                .findFirst()
                .orElse("");
    }

    /** Who said something, and when. */
    static void by(Scene scene, Comment comment, String href, HtmlWriter out) {
        String when = scene.traces().when(comment);
        out.start("p", "by");
        out.start("b").attr("dir", "auto").text(name(scene, comment)).end().text(" ");
        out.start("a").attr("href", href).start("time").attr("datetime", when);
        out.text(Days.said(when, "full", scene)).end().end();
        if (comment.edited()) {
            out.text(" ").element("small", scene.words().say(Phrase.COMMENT_EDITED));
        }
        out.end();
    }

    static String name(Scene scene, Comment comment) {
        return comment.who().isBlank() ? scene.words().say(Phrase.COMMENT_SOMEBODY) : comment.who();
    }

    static String anchor(String comment) {
        return "said-" + comment;
    }
}
