package nabe.plan;

/**
 * What a change of the oven, the pan or how it goes in would come to.
 *
 * @param ovenMinutes in the oven; {@code coreMinutes} until the coldest point is hot
 * @param overflow whether the dish would hold more than it can: its minutes are then those of what fits
 */
public record WhatIf(int ovenMinutes, int coreMinutes, boolean overflow) {}
