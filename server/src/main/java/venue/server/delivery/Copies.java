package venue.server.delivery;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.function.Predicate;
import venue.core.basics.html.HtmlWriter;
import venue.core.live.delivery.Copy;
import venue.core.live.delivery.Layout;
import venue.core.model.page.Page;
import venue.server.live.FileTypes;
import venue.server.live.HeldSite;

/** What a site answers at one moment, as copies for a target. */
final class Copies {

    private static final String ALL_BENEATH = "/*";
    private static final String NOT_FOUND = "404.html";
    private static final String HTML = "text/html; charset=utf-8";
    private static final int MOVED = 301;

    private final HeldSite held;
    private final Layout layout;
    private final Spool spool;
    private final Map<String, String> pageOf = new HashMap<>();

    Copies(HeldSite held, Layout layout, Spool spool) {
        this.spool = spool;
        this.held = held;
        this.layout = layout;
    }

    /**
     * The copy of an answer, as it came from a walk: what is beneath a page comes after it. What doesn't lie there is kept until it is sent, as
     * it was weighed.
     */
    Copy take(HeldSite.Answer answer, Predicate<Copy> liesThere) {
        Content content = content(answer);
        Copy copy = of(answer, content);
        if (content.file() == null && !liesThere.test(copy)) {
            spool.keep(copy.at(), content.bytes());
        }
        copy.beneath().forEach(b -> pageOf.put(b, copy.page()));
        return copy;
    }

    private Copy of(HeldSite.Answer answer, Content content) {
        String hash = content.hash();
        HeldSite.Answer.Headers headers = answer.headers();
        String key = key(answer, hash);
        boolean zipped = !key.isEmpty() && content.file() == null && Zipped.pays(type(answer), content.size());
        return new Copy(
                answer.path(),
                new Copy.Lies(key, key.isEmpty() ? "" : hash, key.isEmpty() ? 0 : content.size(), zipped),
                new Copy.Answers(
                        headers.status(),
                        type(answer),
                        headers.kept(),
                        headers.policy(),
                        Objects.requireNonNullElse(headers.download(), ""),
                        Objects.requireNonNullElse(headers.location(), "")),
                pageOf.getOrDefault(
                        answer.path(), held.page(answer.path()).map(Page::id).orElse("")),
                HeldSite.named(answer),
                answer.beneath(),
                answer.until());
    }

    private static String type(HeldSite.Answer answer) {
        return answer.headers().status() == MOVED ? HTML : answer.headers().type();
    }

    private String key(HeldSite.Answer answer, String hash) {
        int status = answer.headers().status();
        boolean atAddresses = layout == Layout.AT_ADDRESSES;
        if (answer.path().endsWith(ALL_BENEATH) && (atAddresses || status == MOVED)
                || status == MOVED && !atAddresses) {
            return "";
        }
        if (answer.path().equals(HeldSite.NOWHERE) && atAddresses) {
            return NOT_FOUND;
        }
        boolean immutable = status == 200 && answer.headers().kept().contains("immutable");
        return layout.key(answer.path(), hash, FileTypes.ending(type(answer)), immutable);
    }

    private static Content content(HeldSite.Answer answer) {
        if (answer.headers().status() == MOVED) {
            return Content.of(leading(String.valueOf(answer.headers().location())));
        }
        return new Content(answer.content().bytes(), answer.content().file());
    }

    /** For what serves files alone: a page that leads on. */
    private static byte[] leading(String to) {
        HtmlWriter out = new HtmlWriter();
        out.start("html").start("head");
        out.empty("meta").attr("charset", "utf-8");
        out.empty("meta").attr("http-equiv", "refresh").attr("content", "0;url=" + to);
        out.empty("link").attr("rel", "canonical").attr("href", to);
        out.element("title", to).end();
        out.start("body").start("p").start("a").attr("href", to).text(to).end().end();
        out.end().end();
        return ("<!doctype html>" + out.html()).getBytes(StandardCharsets.UTF_8);
    }

    /** The bytes of a copy that was made here. */
    Content content(Copy copy) {
        Content content = spool.find(copy.at()).map(Content::of).orElseGet(() -> content(held.answer(copy.at())));
        if (!content.hash().equals(copy.lies().hash())) {
            throw new IllegalStateException(copy.at() + " was another when it was asked for again");
        }
        return content;
    }

    /** Its forms, as they are to be laid down: the compressed ones first. */
    Map<String, Target.Body> bodies(Copy copy) {
        Content content = content(copy);
        Map<String, Target.Body> all = new LinkedHashMap<>();
        if (copy.lies().zipped()) {
            all.put(copy.lies().key() + ".gz", body(copy, Content.of(Zipped.gzip(content.bytes())), "gzip"));
            all.put(copy.lies().key() + ".br", body(copy, Content.of(Zipped.brotli(content.bytes())), "br"));
        }
        all.put(copy.lies().key(), body(copy, content, ""));
        return all;
    }

    private static Target.Body body(Copy copy, Content content, String encoding) {
        Copy.Answers answers = copy.answers();
        return new Target.Body(content, answers.type(), answers.kept(), encoding, answers.download(), answers.to());
    }
}
