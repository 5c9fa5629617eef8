package nabe.server.brief;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import nabe.house.House;
import nabe.house.Person;
import nabe.house.Schools;
import nabe.larder.Allergen;
import nabe.measure.AmountStyle;
import nabe.measure.Spoons;
import nabe.measure.WrongValueException;
import nabe.needs.Need;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** The house as the client sends it and the store keeps it. What is left out stays at its default. */
public record HouseRequest(
        @Nullable List<@Valid @NotNull(message = Empty.EATER) PersonRequest> people,
        @Nullable Map<String, @NotNull(message = Empty.SCHOOL) String> schools,
        @Nullable List<@NotNull(message = Empty.TOOL) String> lacks,
        @Nullable List<@NotNull(message = Empty.TOOL) String> keptApart,
        @Nullable String spoons,
        @Nullable String amounts,
        @Nullable List<@NotNull(message = Empty.PAN) NamedPan> pans) {

    /** A pan of the house, by the name it goes by there. */
    public record NamedPan(@Nullable String name, BriefRequest.@Nullable PanRequest pan) {
        void check() {
            if (name == null || name.isBlank() || name.length() > 80 || pan == null) {
                throw new WrongValueException(Messages.say("server.each-pan-must-have-a-name"));
            }
            pan.pan();
        }
    }

    /** Somebody who eats here. */
    public record PersonRequest(
            @Nullable String id,
            @Nullable String name,
            @Nullable List<@NotNull(message = Empty.NEED) String> needs,
            @Nullable List<@NotNull(message = Empty.NEED) String> avoid,
            @Nullable Boolean strict,
            @Nullable Boolean certifiedOats) {
        Person person() {
            String called = Objects.requireNonNullElse(name, "");
            return new Person(
                    id == null || id.isBlank() ? called : id,
                    called,
                    orEmpty(needs).stream().map(Need::ofId).collect(Collectors.toSet()),
                    orEmpty(avoid).stream().map(Allergen::ofId).collect(Collectors.toSet()),
                    Boolean.TRUE.equals(strict),
                    Boolean.TRUE.equals(certifiedOats));
        }
    }

    public static HouseRequest empty() {
        return new HouseRequest(
                List.of(), Map.of(), List.of(), List.of(), Spoons.US.id(), AmountStyle.BOTH.id(), List.of());
    }

    /** @throws WrongValueException for an unknown need, school, tool or set of spoons, or an absurd pan, in a cook's words */
    public House house() {
        if (pans != null) {
            pans.forEach(NamedPan::check);
        }
        return new House(
                people == null
                        ? List.of()
                        : people.stream().map(PersonRequest::person).toList(),
                new Schools(schools == null ? Map.of() : schools),
                Set.copyOf(orEmpty(lacks)),
                Set.copyOf(orEmpty(keptApart)),
                spoons == null ? Spoons.US : Spoons.ofId(spoons),
                amounts == null ? AmountStyle.BOTH : AmountStyle.ofId(amounts));
    }

    private static List<String> orEmpty(@Nullable List<String> list) {
        return list == null
                ? List.of()
                : list.stream().filter(java.util.Objects::nonNull).toList();
    }
}
