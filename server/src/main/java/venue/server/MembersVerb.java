package venue.server;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import tools.jackson.databind.json.JsonMapper;
import venue.core.basics.fault.Refusal;
import venue.core.edition.edition.Edition;
import venue.core.model.gate.Group;
import venue.store.member.Member;
import venue.store.member.MemberFilter;
import venue.store.member.Members;
import venue.store.people.Email;
import venue.store.record.By;
import venue.store.workspace.Workspace;

/** The members of a site, for whoever has its server. */
@Command(
        name = "members",
        description = "Lists, invites and deactivates members of a site.",
        mixinStandardHelpOptions = true)
final class MembersVerb implements Runnable {

    @Spec
    @Nullable
    CommandSpec spec;

    @Override
    public void run() {
        throw new ParameterException(
                new CommandLine(this), "members wants one of list, invite, deactivate; --help tells more.");
    }

    @Command(
            name = "list",
            description = "Lists all members: address, state, groups, name.",
            mixinStandardHelpOptions = true)
    int list(
            @CommandLine.Mixin Data data,
            @CommandLine.Mixin NamedSite site,
            @Option(names = "--json", description = "As JSON.") boolean json) {
        try (OwnFolder own = data.look()) {
            Workspace workspace = site.in(own);
            Edition working = workspace.now().working();
            List<Map<String, Object>> all =
                    own.people().members().found(workspace.site(), MemberFilter.ALL, 0, Members.MOST).rows().stream()
                            .map(m -> told(working, m))
                            .toList();
            if (json) {
                data.say(new JsonMapper().writeValueAsString(all));
            } else {
                all.forEach(m -> data.say(
                        m.get("email") + "\t" + m.get("state") + "\t" + m.get("groups") + "\t" + m.get("name")));
            }
        }
        return 0;
    }

    private static Map<String, Object> told(Edition working, Member member) {
        Map<String, Object> told = new LinkedHashMap<>();
        told.put("email", member.email());
        told.put("name", member.name());
        told.put("state", member.state().name().toLowerCase(Locale.ROOT));
        told.put(
                "groups",
                member.groups().stream()
                        .map(g -> working.find(Group.class, g).map(Group::name).orElse(g))
                        .sorted()
                        .toList());
        told.put("fields", member.fields());
        told.put("seenAt", member.seenAt());
        return told;
    }

    @Command(
            name = "invite",
            description = "Makes an invitation and prints its link alone.",
            mixinStandardHelpOptions = true)
    int invite(
            @CommandLine.Mixin Data data,
            @CommandLine.Mixin NamedSite site,
            @Option(names = "--email", required = true, description = "Their address.") String email,
            @Option(names = "--name", description = "Their name.", defaultValue = "") String name,
            @Option(names = "--group", description = "A group's name; several times for several.") @Nullable
                    List<String> groups) {
        try (OwnFolder own = data.open()) {
            Workspace workspace = site.in(own);
            Edition working = workspace.now().working();
            Set<String> in = (groups == null ? List.<String>of() : groups)
                    .stream().map(g -> group(working, g)).collect(Collectors.toSet());
            String token = own.people()
                    .members()
                    .invite(By.COMMAND_LINE, workspace.site(), email, name, in)
                    .token();
            String host = working.site().hosts().get(0);
            data.say(own.origin().apply(host) + "/-/confirm?token=" + token);
        }
        return 0;
    }

    private static String group(Edition working, String name) {
        return working.all(Group.class)
                .filter(g -> g.name().equalsIgnoreCase(name) || g.id().equals(name))
                .map(Group::id)
                .findFirst()
                .orElseThrow(() -> Refusal.unknown("group", name));
    }

    @Command(
            name = "deactivate",
            description = "Shuts a member out; what is kept of them stays.",
            mixinStandardHelpOptions = true)
    int deactivate(
            @CommandLine.Mixin Data data,
            @CommandLine.Mixin NamedSite site,
            @Option(names = "--email", required = true, description = "Their address.") String email) {
        try (OwnFolder own = data.open()) {
            Workspace workspace = site.in(own);
            Members members = own.people().members();
            Member member = members.byEmail(workspace.site(), email)
                    .orElseThrow(() -> Refusal.unknown("member", Email.normal(email)));
            members.deactivate(By.COMMAND_LINE, workspace.site(), List.of(member.id()));
        }
        return 0;
    }
}
