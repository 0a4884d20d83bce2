package venue.server.live;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.core.edition.edition.Differing;
import venue.core.edition.edition.Edition;
import venue.core.edition.json.ItemJson;
import venue.core.model.gate.Visitor;
import venue.core.model.media.Media;
import venue.core.model.site.Site;
import venue.core.model.theme.Look;
import venue.core.model.theme.SiteMark;
import venue.core.model.theme.StyleSheet;
import venue.core.model.theme.Texture;
import venue.core.show.render.Head;
import venue.core.show.render.OwnHtml;
import venue.core.show.render.ShareCard;
import venue.core.show.render.SiteIcon;
import venue.server.proof.FileDoor;
import venue.store.media.IconMaker;
import venue.store.media.MediaFiles;
import venue.store.media.ShareMaker;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/** What pages are made of beside their HTML, under {@code /-/}: stylesheets, fonts, pictures and the proofs' bridge. */
@Component
class SiteFiles {

    private static final List<String> SHOWN = List.of("image/", "font/", "video/", "audio/");
    private static final String MARKS = "/-/mark/";
    private static final String SEALED = "sandbox allow-scripts allow-forms allow-popups; default-src 'none';"
            + " script-src 'unsafe-inline'; style-src 'unsafe-inline'; img-src https: data:; font-src data:";
    /** What is larger is sent from the disk, by parts where that is asked for; so are films and sounds, however small. */
    private static final long HELD_BYTES = 256L * 1024;

    private static final String LEAFLET = "1.9.4";
    private static final Map<String, String> SCRIPTS = Map.of(
            Head.SCRIPT, "page.js",
            Head.MENU, "menu.js",
            Head.NOTICES, "notices.js",
            Head.SCHEME, "scheme.js",
            Head.SEARCH, "search.js",
            Head.FILLING, "filling.js",
            Head.BASKET, "basket.js",
            Head.RATING, "rating.js",
            Head.ASKED, "asked.js",
            Head.MAP, "map.js");

    private final MediaFiles media;
    private final IconMaker icons;
    private final ShareMaker shares = new ShareMaker();
    private final HeldReplies held;

    SiteFiles(MediaFiles media, HeldReplies held) {
        this.media = media;
        this.held = held;
        icons = new IconMaker(media);
    }

    /** The file at a path, whoever asks for it; or empty when there is none. */
    Optional<Reply> find(Workspace workspace, String path) {
        return find(
                workspace.site().text(),
                () -> Stream.of(workspace.now().live(), workspace.now().working()),
                path);
    }

    /** The file at a path as somebody gets it on a site: what is not for everyone is kept by nobody but them. */
    Optional<Reply> find(Workspace workspace, String path, Visitor visitor, boolean working) {
        Standing now = workspace.now();
        if (FileDoor.of(now, now.live(), path).lets(Visitor.STRANGER)) {
            return find(workspace, path);
        }
        Edition edition = working ? now.working() : now.live();
        return FileDoor.of(now, edition, path).lets(visitor)
                ? find(workspace, path).map(r -> r.kept(Reply.PRIVATE))
                : Optional.empty();
    }

    /** The same among editions that are called by a name. */
    Optional<Reply> find(String name, Supplier<Stream<Edition>> editions, String path) {
        return held.forEver(name + path, () -> make(editions, path));
    }

    private @Nullable Reply make(Supplier<Stream<Edition>> editions, String path) {
        String name = path.substring(path.lastIndexOf('/') + 1);
        Optional<String> look = StyleSheet.lookAt(path);
        if (look.isPresent()) {
            return style(editions.get(), path, look.get());
        }
        if (path.startsWith(MARKS)) {
            return mark(editions.get(), path);
        }
        if (path.startsWith("/-/share/")) {
            return share(editions.get(), path);
        }
        if (path.startsWith("/-/icon/") || path.startsWith("/-/manifest/")) {
            return icon(editions.get(), path);
        }
        if (path.startsWith(OwnHtml.WHERE)) {
            return ownHtml(editions.get(), path);
        }
        if (path.equals("/-/media/" + name)) {
            return media.locate(name)
                    .map(lies -> kept(editions.get(), path, name, lies))
                    .orElse(null);
        }
        if (path.equals(StyleSheet.FONTS + name) && name.matches("[a-z0-9-]+\\.woff2")) {
            return resource("/venue/fonts/" + name)
                    .map(b -> Reply.file("font/woff2", b))
                    .orElse(null);
        }
        return named(path);
    }

    /** What every site has under the same address. */
    private static @Nullable Reply named(String path) {
        String script = SCRIPTS.get(path);
        if (script != null) {
            return own("server/live/" + script, "text/javascript; charset=utf-8");
        }
        return switch (path) {
            case "/-/proof.js" -> own("server/proof/proof.js", "text/javascript; charset=utf-8");
            case "/-/proof.css" -> own("server/proof/proof.css", "text/css; charset=utf-8");
            case Head.FORMS -> own("server/live/forms.css", "text/css; charset=utf-8");
            case Head.BASKET_STYLE -> own("server/live/basket.css", "text/css; charset=utf-8");
            case Head.TRACES -> own("server/live/traces.css", "text/css; charset=utf-8");
            case Head.MEMBERS -> own("server/live/members.css", "text/css; charset=utf-8");
            case "/-/walk.css" -> own("server/live/walk.css", "text/css; charset=utf-8");
            case "/-/drawings.js" -> own("server/proof/drawings.js", "text/javascript; charset=utf-8");
            case "/-/proof-writer.js" -> own("proof/writer.js", "text/javascript; charset=utf-8");
            case "/-/leaflet.js" -> kept("leaflet.js", "text/javascript; charset=utf-8");
            case "/-/leaflet.css" -> kept("leaflet.css", "text/css; charset=utf-8");
            default ->
                Texture.at(path)
                        .map(t -> Reply.text("image/svg+xml", t.svg(), Reply.FOR_EVER))
                        .orElse(null);
        };
    }

    /** Pictures are shown where they stand; a document is handed over under its name, and never takes a page's place. */
    private static Reply kept(Stream<Edition> editions, String path, String name, Path lies) {
        Reply file = read(name, lies);
        return SHOWN.stream().anyMatch(t -> file.type().startsWith(t))
                ? file
                : file.asDownload(nameOf(editions, path).orElse(name));
    }

    private static Reply read(String name, Path lies) {
        String type = FileTypes.of(name);
        try {
            boolean small =
                    Files.size(lies) <= HELD_BYTES && !Media.isPlayed(name.substring(name.lastIndexOf('.') + 1));
            return small ? Reply.file(type, Files.readAllBytes(lies)) : Reply.file(type, lies);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Optional<String> nameOf(Stream<Edition> editions, String path) {
        return editions.flatMap(e -> e.all(Media.class))
                .filter(m -> m.path().equals(path))
                .map(m -> m.name() + "." + m.format())
                .findFirst();
    }

    /** A stylesheet of any look that is live or kept: its address names the look, and only that one is compiled. */
    private static @Nullable Reply style(Stream<Edition> editions, String path, String look) {
        return editions.flatMap(
                        e -> e
                                .find(Look.class, look)
                                .or(() -> Differing.find(e, look))
                                .map(l -> StyleSheet.of(l, e::media))
                                .stream())
                .filter(s -> s.path().equals(path))
                .findFirst()
                .map(s -> Reply.text("text/css; charset=utf-8", s.css(), Reply.FOR_EVER))
                .orElse(null);
    }

    private static @Nullable Reply mark(Stream<Edition> editions, String path) {
        return editions.filter(e -> e.find(Site.ID).isPresent())
                .flatMap(e -> e.all(Look.class).map(t -> SiteMark.of(e.site().name(), t)))
                .filter(m -> m.path().equals(path))
                .findFirst()
                .map(m -> Reply.text("image/svg+xml", m.svg(), Reply.FOR_EVER))
                .orElse(null);
    }

    private @Nullable Reply share(Stream<Edition> editions, String path) {
        return editions.filter(e -> e.find(Site.ID).isPresent())
                .flatMap(e -> ShareCard.at(e, path).stream())
                .findFirst()
                .map(card -> Reply.file("image/png", shares.png(card)))
                .orElse(null);
    }

    private @Nullable Reply icon(Stream<Edition> editions, String path) {
        return editions.filter(e -> e.find(Site.ID).isPresent())
                .flatMap(e -> SiteIcon.of(e).stream())
                .flatMap(i -> icon(i, path).stream())
                .findFirst()
                .orElse(null);
    }

    private Optional<Reply> icon(SiteIcon icon, String path) {
        return path.equals(icon.manifestPath())
                ? Optional.of(Reply.text("application/manifest+json", ItemJson.write(icon.manifest()), Reply.FOR_EVER))
                : icon.sizeAt(path)
                        .flatMap(size -> icons.png(icon.picture(), size))
                        .map(png -> Reply.file("image/png", png));
    }

    /** Sealed off: an origin of its own, and nothing fetched but pictures and what it holds itself. */
    private static @Nullable Reply ownHtml(Stream<Edition> editions, String path) {
        return editions.filter(e -> e.find(Site.ID).isPresent())
                .flatMap(e -> OwnHtml.at(e, path).stream())
                .findFirst()
                .map(html -> Reply.text(200, "text/html; charset=utf-8", html, Reply.ASK, SEALED))
                .orElse(null);
    }

    private static @Nullable Reply own(String name, String type) {
        return resource("/venue/" + name)
                .map(b -> Reply.text(type, new String(b, java.nio.charset.StandardCharsets.UTF_8), Reply.ASK))
                .orElse(null);
    }

    /** The kept map library's. */
    private static @Nullable Reply kept(String name, String type) {
        return resource("/META-INF/resources/webjars/leaflet/" + LEAFLET + "/dist/" + name)
                .map(b -> Reply.file(type, b).kept(Reply.ASK))
                .orElse(null);
    }

    private static Optional<byte[]> resource(String path) {
        try (InputStream in = SiteFiles.class.getResourceAsStream(path)) {
            return in == null ? Optional.empty() : Optional.of(in.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
