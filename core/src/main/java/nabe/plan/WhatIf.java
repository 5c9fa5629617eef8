package nabe.plan;

/**
 * What a change of the oven, the pan or how it goes in would come to.
 *
 * @param ovenMinutes in the oven; {@code coreMinutes} until the coldest point is hot
 */
public record WhatIf(int ovenMinutes, int coreMinutes) {}
