package venue.server;

import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import tools.jackson.databind.json.JsonMapper;
import venue.core.basics.item.Item;
import venue.core.basics.item.SiteId;
import venue.core.check.survey.Finding;
import venue.core.check.survey.OutsideLinks;
import venue.core.check.survey.Severity;
import venue.core.edition.edition.Edition;
import venue.server.app.KnownPeople;
import venue.server.survey.Surveyed;
import venue.store.aside.SetAside;
import venue.store.database.Damage;
import venue.store.outside.CheckedLinks;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/** The survey for whoever has the server: exits with 1 where something must be fixed, or the database is damaged. */
@Command(
        name = "check",
        description =
                "Tells what does not agree in the working copies of the sites; exits with 1 where something must be fixed.",
        mixinStandardHelpOptions = true)
final class CheckVerb implements Callable<Integer> {

    private static final int MUST_BE_FIXED = 1;

    @CommandLine.Mixin
    Data data = new Data();

    @Option(names = "--site", description = "A site's id, or one of its host names (all sites).")
    @Nullable
    String site;

    @Option(names = "--json", description = "As JSON.")
    boolean json;

    /** A finding of one site. */
    private record Told(
            String site, Severity severity, String rule, String item, String name, String address, String says) {}

    @Override
    public Integer call() {
        Optional<String> damage = Damage.of(data.data.toAbsolutePath(), true);
        if (damage.isPresent()) {
            data.say(damage.get() + " Stop its server and restore a backup.");
            return MUST_BE_FIXED;
        }
        boolean mail = Configured.read(data.data, System.getenv()).containsKey(Configured.property("mail-host"));
        try (OwnFolder own = data.look()) {
            List<Told> all = sites(own).flatMap(s -> told(s, own, mail)).toList();
            if (json) {
                data.say(new JsonMapper().writeValueAsString(all));
            } else {
                all.forEach(t ->
                        data.say(t.severity().name().toLowerCase(Locale.ROOT).replace('_', ' ') + "\t" + t.site() + "\t"
                                + (t.address().isEmpty() ? t.item() : t.address()) + "\t" + t.says()));
            }
            return all.stream().anyMatch(t -> t.severity() == Severity.MUST_FIX) ? MUST_BE_FIXED : 0;
        }
    }

    private Stream<Workspace> sites(OwnFolder own) {
        return site == null
                ? own.workspaces().ids().stream().sorted().map(own.workspaces()::require)
                : Stream.of(own.site(site));
    }

    private static Stream<Told> told(Workspace workspace, OwnFolder own, boolean mail) {
        KnownPeople people = own.people();
        Standing now = workspace.now();
        SiteId at = workspace.site();
        Map<SetAside.Key, SetAside.Aside> aside = new SetAside(own.parts().database(), InstantSource.system()).all(at);
        return Stream.of(
                        now.survey().all().stream(),
                        Surveyed.barred(people.members(), at, now.working()).stream(),
                        OutsideLinks.in(
                                now.working(), new CheckedLinks(own.parts().database()).dead(at))
                                .stream(),
                        Surveyed.forms(people.answers(), mail, Instant.now(), at, now.working()).stream())
                .flatMap(f -> f)
                .filter(f -> !aside.containsKey(SetAside.Key.of(f)))
                .map(f -> told(workspace.site().text(), now.working(), f));
    }

    private static Told told(String site, Edition edition, Finding finding) {
        String name = edition.find(finding.item()).map(Item::name).orElse(finding.item());
        String address = edition.page(finding.item()).map(edition::servedAt).orElse("");
        return new Told(site, finding.severity(), finding.rule(), finding.item(), name, address, finding.says());
    }
}
