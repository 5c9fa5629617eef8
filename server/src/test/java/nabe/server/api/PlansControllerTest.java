package nabe.server.api;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.UUID;
import nabe.plan.Planner;
import nabe.server.KitchenTable;
import nabe.server.store.DishStore;
import nabe.server.store.HomeStore;
import nabe.server.store.MealStore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;

/** What the controllers do when what stands behind them fails. */
class PlansControllerTest {
    private final Planner planner = mock(Planner.class);
    private final DishStore store = mock(DishStore.class);
    private final HomeStore homes = mock(HomeStore.class);
    private final KitchenTable table = mock(KitchenTable.class);
    private final MockMvc mvc = MockMvcBuilders.standaloneSetup(
                    new PlansController(table, new WhatIfs(table)),
                    new DishesController(
                            store,
                            table,
                            new Corrections(homes, table),
                            new ShelfCards(store, table),
                            tools.jackson.databind.json.JsonMapper.shared()))
            .setControllerAdvice(new Problems(store, mock(MealStore.class)))
            .build();

    @ParameterizedTest
    @ValueSource(classes = {IllegalStateException.class, IllegalArgumentException.class, NumberFormatException.class})
    void aBrokenCoreIsNabesFaultAndSaysNothingIsLost(Class<? extends RuntimeException> fault) throws Exception {
        when(table.planner()).thenReturn(planner);
        when(planner.plan(any())).thenThrow(fault.getConstructor(String.class).newInstance("secret inner words"));
        mvc.perform(post("/api/plans").contentType(MediaType.APPLICATION_JSON).content("{\"recipe\":{\"text\":\"x\"}}"))
                .andExpect(status().isInternalServerError())
                .andExpect(jsonPath("$.incident").isNotEmpty())
                .andExpect(jsonPath("$.detail")
                        .value(org.hamcrest.Matchers.not(org.hamcrest.Matchers.containsString("secret"))));
    }

    @Test
    void aDatabaseAwayIsSaidAsSuch() throws Exception {
        when(store.get(any())).thenThrow(new DataAccessResourceFailureException("no route"));
        mvc.perform(get("/api/dishes/" + UUID.randomUUID()))
                .andExpect(status().isServiceUnavailable())
                .andExpect(jsonPath("$.detail").value(org.hamcrest.Matchers.containsString("saved when it is back")));
    }

    @Test
    void aBriefWithoutARecipeNeverReachesTheStore() throws Exception {
        mvc.perform(post("/api/dishes").contentType(MediaType.APPLICATION_JSON).content("{}"))
                .andExpect(status().isBadRequest());
        verifyNoInteractions(store);
    }
}
