package venue.core.edition;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.page.Page;

/** The tree of a site's pages, with the address of each. Pages stand by their position, then by id. */
public final class Plan {

    private static final String TOP = "";

    private final Map<String, List<String>> children;
    private final Map<String, String> parents;
    private final Map<String, String> addresses;
    private final Map<String, String> pages;
    private final Map<String, List<String>> byKind;
    private final Set<String> shown = new HashSet<>();

    private Plan(List<Page> all) {
        Map<String, Page> byId = new HashMap<>();
        all.forEach(p -> byId.put(p.id(), p));
        children = new HashMap<>();
        parents = new HashMap<>();
        addresses = new HashMap<>();
        pages = new HashMap<>();
        byKind = new HashMap<>();
        List<Page> ordered = all.stream()
                .sorted(Comparator.comparingLong(Page::position).thenComparing(Page::id))
                .toList();
        for (Page page : ordered) {
            String parent = page.parent() != null && byId.containsKey(page.parent()) ? page.parent() : TOP;
            children.computeIfAbsent(parent, p -> new ArrayList<>()).add(page.id());
            parents.put(page.id(), parent);
            byKind.computeIfAbsent(page.kind(), k -> new ArrayList<>()).add(page.id());
        }
        address(TOP, "", byId, new HashSet<>());
    }

    static Plan of(List<Page> pages) {
        return new Plan(pages);
    }

    private void address(String parent, String base, Map<String, Page> byId, Set<String> seen) {
        for (String id : children.getOrDefault(parent, List.of())) {
            if (seen.add(id)) {
                Page page = Objects.requireNonNull(byId.get(id));
                String path = base + "/" + page.segment();
                addresses.put(id, path);
                if (!page.withdrawn() && (parent.equals(TOP) || shown.contains(parent))) {
                    shown.add(id);
                }
                pages.putIfAbsent(path, id);
                address(id, path, byId, seen);
            }
        }
    }

    /** Ids of the pages at the top ({@code parent} absent) or beneath one, in order. */
    public List<String> beneath(@Nullable String parent) {
        return children.getOrDefault(parent == null ? TOP : parent, List.of());
    }

    /** The page above, as the tree has it; absent at the top. */
    public Optional<String> above(String pageId) {
        return Optional.ofNullable(parents.get(pageId)).filter(p -> !p.isEmpty());
    }

    /** The pages above, the nearest first. */
    public List<String> ancestors(String pageId) {
        List<String> up = new ArrayList<>();
        Optional<String> next = above(pageId);
        while (next.isPresent() && !up.contains(next.get())) {
            up.add(next.get());
            next = above(next.get());
        }
        return up;
    }

    /** A page and everything beneath it, parents first. */
    public Stream<String> subtree(String pageId) {
        return Stream.concat(Stream.of(pageId), beneath(pageId).stream().flatMap(this::subtree));
    }

    /** All pages in reading order. */
    public Stream<String> inOrder() {
        return beneath(null).stream().flatMap(this::subtree);
    }

    /** A page's own address, beginning with a slash; a page that is not here has {@code /}. */
    public String address(String pageId) {
        return addresses.getOrDefault(pageId, "/");
    }

    /** Whether the page and all above it are on the site, none of them taken off. */
    public boolean isShown(String pageId) {
        return shown.contains(pageId);
    }

    /** The page whose own address this is. */
    public Optional<String> pageAt(String address) {
        return Optional.ofNullable(pages.get(address));
    }

    /** Ids of the pages of a kind, by position. */
    public List<String> ofKind(String kindId) {
        return byKind.getOrDefault(kindId, List.of());
    }
}
