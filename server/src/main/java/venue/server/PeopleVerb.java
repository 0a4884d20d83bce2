package venue.server;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import tools.jackson.databind.json.JsonMapper;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.SiteId;
import venue.core.model.site.Role;
import venue.store.people.Email;
import venue.store.people.Person;
import venue.store.people.Team;
import venue.store.record.By;

/** The people of an installation, for whoever has its server. */
@Command(
        name = "people",
        description = "Lists, invites, resets and deactivates people.",
        mixinStandardHelpOptions = true)
final class PeopleVerb implements Runnable {

    @Spec
    @Nullable
    CommandSpec spec;

    @Override
    public void run() {
        throw new ParameterException(
                new CommandLine(this), "people wants one of list, invite, reset, deactivate; --help tells more.");
    }

    @Command(
            name = "list",
            description = "Lists everybody: address, state, what they are.",
            mixinStandardHelpOptions = true)
    int list(@CommandLine.Mixin Data data, @Option(names = "--json", description = "As JSON.") boolean json) {
        try (OwnFolder own = data.look()) {
            List<Map<String, Object>> all =
                    own.people().persons().all().stream().map(p -> told(own, p)).toList();
            if (json) {
                data.say(new JsonMapper().writeValueAsString(all));
            } else {
                all.forEach(p -> data.say(p.get("email") + "\t" + p.get("state") + "\t"
                        + (Boolean.TRUE.equals(p.get("owner")) ? "owner" : p.get("seats")) + "\t" + p.get("name")));
            }
        }
        return 0;
    }

    private static Map<String, Object> told(OwnFolder own, Person person) {
        Map<String, Object> told = new LinkedHashMap<>();
        told.put("email", person.email());
        told.put("name", person.name());
        told.put("state", person.state().name().toLowerCase(java.util.Locale.ROOT));
        told.put("owner", person.owner());
        told.put("seats", own.people().seats().rolesOf(person.id()));
        told.put("seenAt", person.seenAt());
        return told;
    }

    @Command(
            name = "invite",
            description = "Makes an invitation and prints its link alone.",
            mixinStandardHelpOptions = true)
    int invite(
            @CommandLine.Mixin Data data,
            @Option(names = "--email", required = true, description = "Their address.") String email,
            @Option(names = "--name", required = true, description = "Their name.") String name,
            @Option(names = "--site", description = "A site's id, or one of its host names.") @Nullable String site,
            @Option(names = "--role", description = "manager or editor (editor).", defaultValue = "editor") String role,
            @Option(names = "--owner", description = "They may everything.") boolean owner) {
        try (OwnFolder own = data.open()) {
            Map<SiteId, Role> seats =
                    site == null ? Map.of() : Map.of(own.site(site).site(), roleOf(role));
            if (seats.isEmpty() && !owner) {
                throw Refusal.badInput(
                        "no-seat",
                        "site",
                        "This person could do nothing here.",
                        "Name a site with --site, or give --owner.");
            }
            Team.Invited made =
                    own.people().team().invite(By.COMMAND_LINE, new Team.Invitation(email, name, seats, owner));
            data.say(own.origin().apply("") + "/-/come-in#" + made.token());
        }
        return 0;
    }

    private static Role roleOf(String named) {
        for (Role role : Role.values()) {
            if (role.name().equalsIgnoreCase(named)) {
                return role;
            }
        }
        throw Refusal.badInput("no-role", "role", "There is no role “" + named + "”.", "Give manager or editor.");
    }

    @Command(
            name = "reset",
            description = "Makes a link for a new password and prints it alone.",
            mixinStandardHelpOptions = true)
    int reset(
            @CommandLine.Mixin Data data,
            @Option(names = "--email", required = true, description = "Their address.") String email) {
        try (OwnFolder own = data.open()) {
            String token = own.people().credentials().forgotten(By.COMMAND_LINE, who(own, email));
            data.say(own.origin().apply("") + "/-/new-password#" + token);
        }
        return 0;
    }

    @Command(
            name = "deactivate",
            description = "Shuts somebody out; what they did keeps their name.",
            mixinStandardHelpOptions = true)
    int deactivate(
            @CommandLine.Mixin Data data,
            @Option(names = "--email", required = true, description = "Their address.") String email) {
        try (OwnFolder own = data.open()) {
            own.people().team().deactivate(By.COMMAND_LINE, who(own, email).id());
        }
        return 0;
    }

    private static Person who(OwnFolder own, String email) {
        return own.people().persons().byEmail(email).orElseThrow(() -> Refusal.unknown("person", Email.normal(email)));
    }
}
