package nabe.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import nabe.server.RunningNabe;
import nabe.server.brief.BriefRequest;
import nabe.server.brief.RecipeRequest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(RunningNabe.class)
class DishStoreTest {
    private DishStore store;
    private UUID id;

    @BeforeEach
    void aDish(RunningNabe nabe) {
        store = nabe.bean(DishStore.class);
        id = store.create(brief("first"), "Gratin", "Read the recipe").id();
    }

    private static BriefRequest brief(String notes) {
        return new BriefRequest(
                "Gratin",
                new RecipeRequest("Gratin\n1 kg potatoes", null, null, null, null, null, null),
                List.of("vegan"),
                List.of(),
                true,
                null,
                null,
                4,
                null,
                notes,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    private String notes() {
        return store.get(id).revision().brief().notes();
    }

    @Test
    void whatIsKeptComesBackWhole() {
        assertThat(store.get(id).revision().brief()).isEqualTo(brief("first"));
        assertThat(store.get(id).canUndo()).isFalse();
    }

    @Test
    void undoAndRedoWalkTheEditsAndNothingIsOverwritten() {
        store.change(id, 1, brief("second"), "Gratin", "b");
        store.change(id, 2, brief("third"), "Gratin", "c");
        store.undo(id, 3);
        assertThat(notes()).isEqualTo("second");
        store.undo(id, 4);
        assertThat(notes()).isEqualTo("first");
        assertThatThrownBy(() -> store.undo(id, 5)).hasMessageContaining("nothing to undo");
        store.redo(id, 5);
        store.redo(id, 6);
        assertThat(notes()).isEqualTo("third");
        assertThatThrownBy(() -> store.redo(id, 7)).hasMessageContaining("nothing to redo");
        assertThat(store.history(id)).extracting(Revision::number).containsExactly(7, 6, 5, 4, 3, 2, 1);
    }

    @Test
    void anEditAfterAnUndoStartsANewBranch() {
        store.change(id, 1, brief("second"), "Gratin", "b");
        store.undo(id, 2);
        store.change(id, 3, brief("other"), "Gratin", "c");
        assertThat(store.get(id).canRedo()).isFalse();
        store.undo(id, 4);
        assertThat(notes()).isEqualTo("first");
        store.redo(id, 5);
        assertThat(notes()).isEqualTo("other");
    }

    @Test
    void theSecondWriterIsToldWhatTheFirstWrote() {
        store.change(id, 1, brief("mine"), "Gratin", "b");
        assertThatThrownBy(() -> store.change(id, 1, brief("theirs"), "Gratin", "c"))
                .isInstanceOfSatisfying(
                        StaleDishException.class,
                        e -> assertThat(e.current().revision().brief().notes()).isEqualTo("mine"));
    }

    @Test
    void ofManyWritersAtOnceExactlyOneWins() throws Exception {
        AtomicInteger refused = new AtomicInteger();
        Callable<Object> write = () -> {
            try {
                return store.change(id, 1, brief("race"), "Gratin", "b");
            } catch (StaleDishException | DishStore.ConcurrentChange e) {
                return refused.incrementAndGet();
            }
        };
        try (var pool = Executors.newFixedThreadPool(6)) {
            pool.invokeAll(List.of(write, write, write, write, write, write))
                    .forEach(f -> assertThat(f).succeedsWithin(java.time.Duration.ofSeconds(10)));
        }
        assertThat(refused).hasValue(5);
        assertThat(store.history(id)).hasSize(2);
    }

    /** A brief as each Nabe has written it opens, and means what it meant. */
    @ParameterizedTest
    @CsvSource({"1, room, c2", "2, , c2"})
    void aBriefOfEveryFormOpens(int format, String start, String firstInOrder, RunningNabe nabe) throws IOException {
        String stored = new String(
                getClass()
                        .getResourceAsStream("/briefs/form-" + format + ".json")
                        .readAllBytes(),
                StandardCharsets.UTF_8);
        BriefRequest brief = nabe.bean(BriefFormats.class).read(stored, format);
        assertThat(brief.needs()).containsExactly("gluten-free", "vegan");
        assertThat(brief.oven().start()).isEqualTo(start);
        assertThat(brief.build().order()).startsWith(firstInOrder);
        assertThat(brief.brief().recipe().text()).contains("potatoes");
    }

    @Test
    void whoeverSaidNothingOfTheOvenBakedFromRoomTemperature(RunningNabe nabe) {
        assertThat(nabe.bean(BriefFormats.class).read("{}", 1).oven().start()).isEqualTo("room");
        assertThat(nabe.bean(BriefFormats.class)
                        .read("{}", BriefFormats.CURRENT)
                        .oven())
                .isNull();
    }

    @Test
    void aBriefOfALaterNabeIsNotGuessedAt(RunningNabe nabe) {
        assertThatThrownBy(() -> nabe.bean(BriefFormats.class).read("{}", BriefFormats.CURRENT + 1))
                .hasMessageContaining("later Nabe");
    }
}
