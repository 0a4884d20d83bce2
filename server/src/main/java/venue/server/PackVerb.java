package venue.server;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.json.JsonMapper;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.core.basics.text.Words;
import venue.core.carry.beginning.NewSite;
import venue.core.carry.pack.Pack;
import venue.core.carry.pack.ReadAsked;
import venue.core.carry.pack.Report;
import venue.core.model.page.Page;
import venue.core.model.site.Role;
import venue.core.model.site.Site;
import venue.server.beginning.SiteMaker;
import venue.store.pack.PackFile;
import venue.store.pack.PackWriter;
import venue.store.record.By;
import venue.store.record.Deed;
import venue.store.workspace.Workspace;

/** Packs, for whoever has the server. */
@Command(name = "pack", description = "Saves packs and reads them.", mixinStandardHelpOptions = true)
final class PackVerb implements Runnable {

    private static final PersonId WHO = new PersonId(By.COMMAND_LINE.origin());

    @Spec
    @Nullable
    CommandSpec spec;

    @Override
    public void run() {
        throw new ParameterException(new CommandLine(this), "pack wants save or read; --help tells more.");
    }

    @Command(
            name = "save",
            description = "Saves a site, or one of its items with all that it needs.",
            mixinStandardHelpOptions = true)
    int save(
            @CommandLine.Mixin Data data,
            @CommandLine.Mixin NamedSite site,
            @Option(
                            names = "--item",
                            description = "An item's id, or a page's address beginning with / (the whole site).")
                    @Nullable
                    String item,
            @Option(names = "--entries", description = "With a kind's entries.") boolean entries,
            @Option(names = "--to", required = true, description = "The file to write.") Path to)
            throws IOException {
        try (OwnFolder own = data.look()) {
            Workspace workspace = site.in(own);
            Pack pack = workspace.packs().save(item == null ? Site.ID : item(workspace, item), entries);
            Path part = Files.createTempFile(to.toAbsolutePath().getParent(), "pack", ".part");
            try {
                try (OutputStream out = Files.newOutputStream(part)) {
                    PackWriter.write(pack, own.media(), out);
                }
                Files.move(part, to, StandardCopyOption.REPLACE_EXISTING);
            } finally {
                Files.deleteIfExists(part);
            }
            own.record(Deed.PACK_SAVED, workspace.site(), pack.rootItem().name());
            data.say(to + "\t" + Words.count(pack.items().size(), "item") + "\t" + Files.size(to) + " bytes");
        }
        return 0;
    }

    /** An item by its id, or a page by its address. */
    private static String item(Workspace workspace, String named) {
        if (!named.startsWith("/")) {
            return named;
        }
        var working = workspace.now().working();
        return named.equals("/")
                ? working.home().map(Page::id).orElseThrow(() -> Refusal.unknown("page", named))
                : working.plan()
                        .pageAt(named)
                        .orElseThrow(() -> Refusal.badInput(
                                "no-page", "item", "No page stands at " + named + ".", "Give the address of one."));
    }

    /** Where what is read comes. */
    static final class Where {
        @Option(names = "--under", description = "A page comes beneath the one at this address; / is the top.")
        @Nullable
        String under;

        @Option(names = "--in-place-of", description = "A page comes in place of the one at this address.")
        @Nullable
        String inPlaceOf;

        @Option(names = "--only-patterns", description = "Only the sections come, as patterns.")
        boolean onlyPatterns;
    }

    /** Where a pack is read into. */
    static final class Into {
        @Option(names = "--site", description = "A site's id, or one of its host names.")
        @Nullable
        String site;

        @Option(names = "--as-site", description = "A whole site becomes a new one under this host name.")
        @Nullable
        String host;
    }

    /** How it is read. */
    static final class How {
        @Option(names = "--dry-run", description = "Tells what it would do, and writes nothing.")
        boolean dryRun;

        @Option(names = "--json", description = "Tells it as JSON.")
        boolean json;

        @Option(
                names = "--differing",
                description = "What is here and differs: mine, theirs or both (${DEFAULT-VALUE}).",
                defaultValue = "mine")
        String differing = "mine";

        @Option(names = "--wear-its-look", description = "The site wears the look that a whole site brings.")
        boolean wearItsLook;
    }

    @Command(
            name = "read",
            description = "Reads a pack into a site, or tells what that would do.",
            mixinStandardHelpOptions = true)
    int read(
            @CommandLine.Mixin Data data,
            @ArgGroup(multiplicity = "1") Into into,
            @Parameters(paramLabel = "FILE", description = "The pack.") Path file,
            @CommandLine.Mixin How how,
            @ArgGroup @Nullable Where where)
            throws IOException {
        try (OwnFolder own = data.open();
                PackFile packed = PackFile.open(readable(data.file(file)))) {
            packed.check(done -> {});
            if (into.host != null) {
                String site = asSite(own, packed, NewSite.checkHost(into.host), how.dryRun);
                data.say(how.dryRun ? "It can be read as a site of its own." : site);
                return 0;
            }
            Workspace workspace = own.site(String.valueOf(into.site));
            ReadAsked asked = asked(workspace, how, where);
            Report report = workspace.packs().look(packed.pack(), asked);
            if (!how.dryRun) {
                packed.unpack(packed.pack(), own.media(), done -> {});
                workspace.packs().read(WHO, Role.MANAGER, packed.pack(), asked);
                own.parts()
                        .records()
                        .write(
                                Deed.PACK_READ,
                                By.COMMAND_LINE,
                                workspace.site(),
                                null,
                                report.of().name());
            }
            tell(data, report, packed.lacking(packed.pack(), own.media()), how);
        }
        return 0;
    }

    private static Path readable(Path file) {
        if (!Files.isReadable(file) || Files.isDirectory(file)) {
            throw Refusal.badInput("no-file", "file", file + " can't be read.", "Name a pack that is there.");
        }
        return file;
    }

    private static String asSite(OwnFolder own, PackFile packed, String host, boolean dryRun) {
        packed.pack().asSite(host);
        SiteMaker sites = own.siteMaker();
        sites.requireFree(host);
        if (!dryRun) {
            packed.unpack(packed.pack(), own.media(), done -> {});
            sites.of(By.COMMAND_LINE, packed.pack(), host);
        }
        return own.origin().apply(host) + "/";
    }

    private static ReadAsked asked(Workspace workspace, How how, @Nullable Where where) {
        ReadAsked.Differing choice;
        try {
            choice = ReadAsked.Differing.valueOf(how.differing.toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw Refusal.badInput(
                    "bad-choice", "differing", "“" + how.differing + "” is no choice.", "Give mine, theirs or both.");
        }
        if (where == null) {
            return new ReadAsked(choice, Map.of(), ReadAsked.How.UNDER, null, how.wearItsLook, false, null);
        }
        if (where.onlyPatterns) {
            return new ReadAsked(choice, Map.of(), ReadAsked.How.ONLY_PATTERNS, null, how.wearItsLook, false, null);
        }
        if (where.inPlaceOf != null) {
            String page = item(workspace, where.inPlaceOf);
            return new ReadAsked(choice, Map.of(), ReadAsked.How.IN_PLACE_OF, page, how.wearItsLook, false, null);
        }
        String under = String.valueOf(where.under);
        String page = under.equals("/") ? null : item(workspace, under);
        return new ReadAsked(choice, Map.of(), ReadAsked.How.UNDER, page, how.wearItsLook, false, null);
    }

    private record Told(Report report, List<String> lacking, boolean dryRun) {}

    private static String counted(Report.PackLines lines) {
        return Words.count(lines.fresh().size(), "new item") + ", "
                + lines.same().size() + " here already, "
                + lines.differing().size() + " here and different.";
    }

    private static void tell(Data data, Report report, List<String> lacking, How how) {
        if (how.json) {
            data.say(JsonMapper.builder().build().writeValueAsString(new Told(report, lacking, how.dryRun)));
            return;
        }
        data.say((how.dryRun ? "Would read “" : "Read “") + report.of().name() + "”: " + counted(report.lines()));
        report.lines()
                .differing()
                .forEach(d -> data.say("  differs: " + d.name() + " ("
                        + d.sort().noun() + "), " + String.valueOf(d.choice()).toLowerCase(Locale.ROOT)));
        report.gone().forEach(g -> data.say("  not here: " + g));
        lacking.forEach(l -> data.say("  file missing: " + l));
    }
}
