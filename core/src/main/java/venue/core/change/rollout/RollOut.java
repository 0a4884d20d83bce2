package venue.core.change.rollout;

import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Lineage;
import venue.core.edition.merge.Archive;
import venue.core.edition.merge.TreeMerge;
import venue.core.model.page.Page;
import venue.core.model.section.Original;
import venue.core.model.section.Section;
import venue.core.model.section.Sectioned;
import venue.core.model.section.SharedSection;

/**
 * What carrying an origin's sections to the pages with copies would do: a three-way merge for each copy, with the origin as
 * the copy last took it as the base. Nothing is changed by asking.
 */
public final class RollOut {

    /** An origin's section that has something to carry to some page. */
    public record Carried(String section, String name) {}

    /** A page with its strands, in the order in which its sections stand. */
    public record Row(Page page, List<Strand> strands) {

        public boolean isOpen() {
            return strands.stream().anyMatch(Strand::isOpen);
        }
    }

    private final Edition edition;
    private final Original origin;
    private final Archive archive;
    private final Hash hash;
    private final Map<Section, TreeMerge.Ours> since = Collections.synchronizedMap(new IdentityHashMap<>());

    /**
     * @param hash the hash of the origin's content now
     */
    public RollOut(Edition edition, Sectioned origin, Archive archive, Hash hash) {
        if (!(origin instanceof Original original)) {
            throw Refusal.badInput(
                    "no-origin",
                    "item",
                    "“" + origin.name() + "” is nothing that pages hold copies of.",
                    "Roll out a template or a pattern.");
        }
        this.edition = edition;
        this.origin = original;
        this.archive = archive;
        this.hash = hash;
    }

    /** Every page that holds copies, or that sections would come to. */
    public List<Row> rows() {
        return edition.plan()
                .inOrder()
                .map(id -> edition.require(Page.class, id))
                .parallel()
                .map(this::row)
                .filter(r -> !r.strands().isEmpty())
                .toList();
    }

    public Row row(Page page) {
        return new Row(page, new PageStrands(this, page).all());
    }

    /** How many of the pages' copies stand how to their origin. */
    public Map<Lineage, Long> lineages(Stream<Row> rows) {
        return rows.flatMap(r -> r.strands().stream())
                .flatMap(s -> Stream.ofNullable(s.now()))
                .collect(Collectors.groupingBy(s -> Lineage.of(edition, s, archive::find), Collectors.counting()));
    }

    /**
     * The origin's sections that some page has something to do with, or goes without, in the origin's order, then those that
     * are gone.
     */
    public List<Carried> changes(List<Row> rows) {
        Map<String, String> open = new java.util.LinkedHashMap<>();
        starters().map(Section::id).forEach(id -> open.put(id, ""));
        rows.stream()
                .flatMap(r -> r.strands().stream())
                .filter(s -> s.isOpen() || s.state() == Strand.State.WITHOUT)
                .forEach(s -> open.put(s.origin(), name(s)));
        return open.entrySet().stream()
                .filter(e -> !e.getValue().isEmpty())
                .map(e -> new Carried(e.getKey(), e.getValue()))
                .toList();
    }

    private String name(Strand strand) {
        return starters()
                .filter(s -> s.id().equals(strand.origin()))
                .findFirst()
                .map(Section::name)
                .orElseGet(() ->
                        strand.now() == null ? strand.origin() : strand.now().name());
    }

    /**
     * The page with the choices done. What is not chosen for does as usual; what asks and is not chosen for stays open.
     *
     * @param choices by the strand's key
     */
    public Page applied(Page page, Map<String, Decision> choices) {
        return new Carrying(this, page).done(row(page).strands(), choices);
    }

    /** Columns and settings alone: what a copy shares with its origin. */
    static Object tree(Archive archive, Section section) {
        Section bare = Section.empty("s", "", List.of(12)).withContentOf(section);
        return archive.tree(new SharedSection("s", bare));
    }

    /** What has become of a section of the origin, worked out once for all the pages that took it as it was. */
    TreeMerge.Ours since(Section taken, Section now) {
        return since.computeIfAbsent(taken, t -> new TreeMerge.Ours(tree(archive, t), tree(archive, now)));
    }

    Edition edition() {
        return edition;
    }

    Original origin() {
        return origin;
    }

    Archive archive() {
        return archive;
    }

    Hash hash() {
        return hash;
    }

    /** The sections that pages hold copies of. */
    Stream<Section> starters() {
        return origin.starters().stream();
    }
}
